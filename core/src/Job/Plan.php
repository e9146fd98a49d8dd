<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\CoreError;
use Berm\Core\Fit\CableFit;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Fit\Outcome;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Section;

/** All that follows from a job and its log: computed whole, every time, from nothing else. */
final readonly class Plan
{
    /** @param list<Obstacle> $obstacles in the order of the work */
    private function __construct(
        public Job $job,
        public BuildState $build,
        /** Null until there is something to judge. */
        public ?FitReport $cableFit,
        public ?FitReport $kitFit,
        public ?FitReport $connectorFit,
        public ?MarkOut $markOut,
        public ?ParkingPlan $parking,
        public ?Section $section,
        public array $obstacles,
    ) {
    }

    public static function of(Job $job, BuildState $build): self
    {
        $cables = $job->allCables();
        $cableFit = array_reduce($job->cables, static fn (FitReport $all, $cable): FitReport => $all->and(CableFit::judge($cable, $job->weather)), FitReport::of());
        $kitFit = null === $job->sheet || null === $job->size ? null : KitFit::judge($job->function, array_values($job->cables), $job->sheet, $job->size);
        $connectorFit = null === $job->connector ? null : ConnectorFit::judge($job->function, array_values($job->cables), $job->connector, $job->size);
        [$markOut, $section, $problem] = [null, null, null];
        if (null !== $cables && null !== $job->sheet && null !== $job->size && null !== $job->connector && $job->sheet->function === $job->function && $job->connector->kind === $job->function->connectorKind()) {
            try {
                $markOut = MarkOut::plan($cables, $job->sheet, $job->size, $job->connector);
                $section = Section::of($cables, $job->sheet, $job->size, $job->connector, $markOut, $build);
            } catch (CoreError $error) {
                $problem = $error instanceof MarkOutImpossible ? $error->reason : Sentence::plain($error->getMessage());
                $markOut = null;
            }
        }
        $parking = null === $cables || null === $job->sheet || null === $job->size || $job->sheet->function !== $job->function ? null : ParkingPlan::of($cables, $job->sheet, $job->size);
        $obstacles = Obstacles::of($job, $build, $cableFit, $kitFit, $connectorFit, $parking, $section, $problem);

        return new self($job, $build, $cableFit, $kitFit, $connectorFit, $markOut, $parking, $section, $obstacles);
    }

    public function fitLets(): bool
    {
        return null !== $this->kitFit && null !== $this->connectorFit && $this->kitFit->outcome()->lets() && $this->connectorFit->outcome()->lets();
    }

    /** Something found at a cable stops the work: it is wet, damaged, or would sweat. */
    public function unsoundCable(): ?Finding
    {
        foreach ($this->cableFit->findings ?? [] as $finding) {
            if ($finding->stops && Outcome::DoesNotFit === $finding->outcome) {
                return $finding;
            }
        }

        return null;
    }

    public function firstObstacle(): ?Sentence
    {
        return $this->obstacles[0]->reason ?? null;
    }

    public function next(): NextStep
    {
        return NextStepFinder::in($this);
    }

    public function isDone(Step $step): bool
    {
        $isClear = [] === array_filter($this->obstacles, static fn (Obstacle $obstacle): bool => $obstacle->step === $step);

        return $isClear && match ($step) {
            Step::Safety => null !== $this->build->safety,
            Step::Cables => null !== $this->job->allCables(),
            Step::Kit => null !== $this->job->size,
            Step::Connector => null !== $this->job->connector,
            Step::MarkOut => null !== $this->markOut && $this->fitLets(),
            Step::Build, Step::Record => null !== $this->build->connector,
        };
    }
}
