<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Job\Plan;

/** A stored job and all that follows from it. */
final readonly class PlannedJob
{
    public function __construct(public StoredJob $stored, public Plan $plan)
    {
    }
}
