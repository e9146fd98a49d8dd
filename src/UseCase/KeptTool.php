<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Tool\Tool;

/** A tool as it is kept: what changes about it is its calibration, version by version. */
final readonly class KeptTool
{
    public function __construct(public Tool $tool, public int $version)
    {
    }
}
