<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Job\Plan;
use Berm\Core\Rework\Way;

/** Ways on from what is out, and how things stand before any of them. */
final readonly class FoundWays
{
    /** @param list<Way> $ways */
    public function __construct(public array $ways, public Plan $plan, /** On which it is out, from 1. */ public int $core)
    {
    }
}
