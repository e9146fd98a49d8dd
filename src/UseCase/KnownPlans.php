<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Job\Plan;

/** Plans that were worked out already: one follows from a stored job, so it holds as long as the job's stamp stays the same. */
interface KnownPlans
{
    /** @param callable(): Plan $work for a state of the job that was not seen yet */
    public function of(StoredJob $stored, callable $work): Plan;
}
