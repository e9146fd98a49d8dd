<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\ToolFit;
use Psr\Clock\ClockInterface;

/** The tools that a job's connector and stages ask for, each judged by itself. */
final readonly class JudgeTools
{
    public const AT_MOST = 500;

    public function __construct(private Jobs $jobs, private PlanJob $plan, private Tools $tools, private ClockInterface $clock)
    {
    }

    /** @return list<array{KeptTool, FitReport}> what suits first @throws JobNotFound */
    public function __invoke(string $jobId): array
    {
        $plan = ($this->plan)($this->jobs->get($jobId));
        $judged = [];
        foreach ($this->tools->page(1, self::AT_MOST)->items as $kept) {
            $fit = null === $plan->job->connector ? null : ToolFit::alone(
                $plan->job->connector, $plan->sheet, $kept->tool, $this->clock->now(),
            );
            $judged = null === $fit ? $judged : [...$judged, [$kept, $fit]];
        }
        usort(
            $judged, static fn (array $one, array $other): int => $one[1]->outcome()->strictness() <=> $other[1]->outcome()->strictness(),
        );

        return $judged;
    }
}
