<?php

declare(strict_types=1);

namespace App\UseCase;

final readonly class ListJobs
{
    public function __construct(private Jobs $jobs, private PlanJob $plan)
    {
    }

    /** @return array{list<PlannedJob>, int} one page, last changed first, and how many there are in all */
    public function __invoke(int $page, int $perPage): array
    {
        [$stored, $total] = $this->jobs->page($page, $perPage);

        return [array_map(fn (StoredJob $job): PlannedJob => new PlannedJob($job, ($this->plan)($job)), $stored), $total];
    }
}
