<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\KnownPlans;
use App\UseCase\StoredJob;
use Berm\Core\Job\Plan;

/** The plan as it was worked out last: what an entry comes after. */
final class LastPlan implements KnownPlans
{
    private ?Plan $plan = null;
    private string $stamp = '';

    public function of(StoredJob $stored, callable $work): Plan
    {
        if (null === $this->plan || $this->stamp !== $stored->stamp()) {
            $this->plan = $work();
            $this->stamp = $stored->stamp();
        }

        return $this->plan;
    }
}
