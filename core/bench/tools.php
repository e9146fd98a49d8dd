<?php

/** How long the calculations of the bench take, each by itself. */

declare(strict_types=1);

use Berm\Core\Bench\Bench;
use Berm\Core\Bench\Outcome;
use Berm\Core\Bench\Tool;
use Berm\Core\Quantity\LengthUnit;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';

$tools = Bench::tools();
measure('every tool of the bench, in both units', 200, static fn (): array => array_map(
    static fn (Tool $tool): array => array_map(
        static fn (LengthUnit $unit): Outcome => $tool->work([], $unit), LengthUnit::cases(),
    ), $tools,
));
