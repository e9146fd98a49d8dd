<?php

declare(strict_types=1);

namespace App\UseCase;

final readonly class ShowJob
{
    public function __construct(private Jobs $jobs, private PlanJob $plan)
    {
    }

    /** @throws JobNotFound */
    public function __invoke(string $id): PlannedJob
    {
        $stored = $this->jobs->get($id);

        return new PlannedJob($stored, ($this->plan)($stored));
    }
}
