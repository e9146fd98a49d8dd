<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;

/** What was done so far, on a job that is planned otherwise. */
final class Tried
{
    /**
     * The cuts are looked at before all of it is planned: most of what is tried ends there.
     *
     * @param Right $isRight what has to be right by it
     *
     * @return Plan|null null: not all is right by it, or a rule breaks
     */
    public static function with(Job $job, Plan $plan, Right $isRight): ?Plan
    {
        $log = array_values($plan->build->counting);
        if (!$isRight->forCuts(Marked::of($job, $log))) {
            return null;
        }
        $other = Plan::ofLog($job, $log);

        return $isRight->forPlan($other) && null === Thinnest::broken($other) ? $other : null;
    }
}
