<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Fit\BoxFit;
use Berm\Core\Fit\CableFit;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Fit\Outcome;
use Berm\Core\Fit\ToolFit;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\RuleValues;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Section;

/** All that follows from a job and its log: computed whole, every time, from nothing else. */
final readonly class Plan
{
    /** @param list<Obstacle> $obstacles in the order of the work */
    private function __construct(
        public Job $job,
        /** As it stands for this job. */
        public ?KitSheet $sheet,
        public BuildState $build,
        /** Null until there is something to judge. */
        public ?FitReport $cableFit,
        public ?FitReport $kitFit,
        public ?FitReport $connectorFit,
        public ?MarkOut $markOut,
        public ?ParkingPlan $parking,
        /** On the core that is worked on. */
        public ?Section $section,
        public ?Progress $progress,
        public array $obstacles,
    ) {
    }

    public static function of(Job $job, BuildState $build): self
    {
        $sheet = self::applying($job);
        $cables = array_values($job->cables);
        $cableFit = array_reduce($cables, static fn (FitReport $all, CableEnd $cable): FitReport => $all->and(CableFit::judge($cable, $job->site->weather)), FitReport::of());
        $kitFit = null === $sheet || null === $job->size ? null : KitFit::judge($job->function, $cables, $job->site, $sheet, $job->size)->and(FitReport::of(...BoxFit::judge($build->box, $build->boxOpenedAt, $sheet, $job->size)));
        $connectorFit = null === $job->connector ? null : ConnectorFit::judge($job->function, $cables, $job->connector, $sheet, $job->size)->and(ToolFit::judge($job->connector, $sheet, array_values($build->tools)));
        $layout = Layout::of($job, $sheet, $build);
        $obstacles = Obstacles::of($job, $build, $cableFit, $kitFit, $connectorFit, $layout->parking, $layout->laps, $layout->problem);

        return new self($job, $sheet, $build, $cableFit, $kitFit, $connectorFit, $layout->markOut, $layout->parking, $layout->section, $layout->progress, $obstacles);
    }

    /** Parts and stages whose condition does not hold on this job are left out. */
    private static function applying(Job $job): ?KitSheet
    {
        $first = $job->cables[End::A->value] ?? null;

        return null === $first || null === $job->size ? $job->sheet : $job->sheet?->applyingTo(RuleValues::of($first, $job->size->dimensions, $job->connector, $job->site));
    }

    /** Everything that the sheet asks for is done. */
    public function isBuilt(): bool
    {
        return null !== $this->build->connector && (null === $this->progress || null === $this->progress->next());
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
            Step::Build, Step::Record => $this->isBuilt(),
        };
    }
}
