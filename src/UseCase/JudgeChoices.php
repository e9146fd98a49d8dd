<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\KitFit;

/** Holds every kit size, or every connector, against a job's cables: the best first, and why each other one does not fit. */
final readonly class JudgeChoices
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private Sheets $sheets)
    {
    }

    /** @return list<Choice> @throws JobNotFound */
    public function kits(string $jobId): array
    {
        $job = ($this->plan)($this->jobs->get($jobId))->job;
        $choices = [];
        foreach ($this->sheets->kits() as $sheet) {
            foreach ($sheet->application->function === $job->function ? $sheet->sizes : [] as $size) {
                $choices[] = Choice::ofKit($sheet, $size, KitFit::judge($job->function, array_values($job->cables), $job->site, $sheet, $size));
            }
        }

        return self::ranked($choices);
    }

    /** @return list<Choice> @throws JobNotFound */
    public function connectors(string $jobId): array
    {
        $job = ($this->plan)($this->jobs->get($jobId))->job;
        $choices = [];
        foreach ($this->sheets->connectors() as $connector) {
            if ($connector->kind === $job->function->connectorKind()) {
                $choices[] = Choice::ofConnector($connector, ConnectorFit::judge($job->function, array_values($job->cables), $connector, $job->sheet, $job->size));
            }
        }

        return self::ranked($choices);
    }

    /**
     * @param list<Choice> $choices
     *
     * @return list<Choice> by outcome, then by how little is against it, then by the thinnest margin, the larger first
     */
    private static function ranked(array $choices): array
    {
        $key = static fn (Choice $choice): array => [$choice->fit->outcome()->strictness(), $choice->fit->obstacles(), -($choice->fit->thinnest()?->judgement?->margin->nanometres ?? 0)];
        usort($choices, static fn (Choice $one, Choice $other): int => $key($one) <=> $key($other));

        return $choices;
    }
}
