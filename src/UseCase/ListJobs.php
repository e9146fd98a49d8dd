<?php

declare(strict_types=1);

namespace App\UseCase;

final readonly class ListJobs
{
    public function __construct(private Jobs $jobs, private PlanJob $plan)
    {
    }

    /** @return Listing<PlannedJob> last changed first */
    public function __invoke(int $page, int $perPage): Listing
    {
        return $this->jobs->page($page, $perPage)->then(
            fn (StoredJob $job): PlannedJob => new PlannedJob($job, ($this->plan)($job)), static fn (StoredJob $job): string => $job->name,
        );
    }
}
