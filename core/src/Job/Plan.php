<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Fit\BoxFit;
use Berm\Core\Fit\CableFit;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Fit\Outcome;
use Berm\Core\Fit\ToolFit;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\MarkOut\RuleValues;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\CutPlaces;
use Berm\Core\Section\PlacedValues;
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
        $cables = $job->allCables();
        $sheet = self::applying($job);
        $cableFit = array_reduce($job->cables, static fn (FitReport $all, CableEnd $cable): FitReport => $all->and(CableFit::judge($cable, $job->site->weather)), FitReport::of());
        $kitFit = null === $sheet || null === $job->size ? null : KitFit::judge($job->function, array_values($job->cables), $job->site, $sheet, $job->size)->and(FitReport::of(...BoxFit::judge($build->box, $build->boxOpenedAt, $sheet, $job->size)));
        $connectorFit = null === $job->connector ? null : ConnectorFit::judge($job->function, array_values($job->cables), $job->connector, $sheet, $job->size)->and(ToolFit::judge($job->connector, $sheet, array_values($build->tools)));
        [$markOut, $problem] = [null, null];
        $isRightKit = null !== $cables && null !== $sheet && null !== $job->size && $sheet->application->function === $job->function;
        $isWhole = $isRightKit && null !== $job->connector && $job->connector->kind === $job->function->connectorKind();
        [$section, $otherLaps, $progress, $parking] = [null, [], null, null];
        try {
            $markOut = $isWhole ? MarkOut::plan($cables, $sheet, $job->size, $job->connector, $job->site) : null;
            $parking = $isRightKit ? ParkingPlan::of($cables, $sheet, $job->size, $markOut) : null;
            if ($isWhole && null !== $markOut && null !== $parking) {
                $sections = array_map(static fn (int $core): Section => Section::of($cables, $sheet, $job->size, $job->connector, $job->site, $markOut, $build, $core), range(1, $markOut->cores()));
                $values = static fn (Where $where): Values => (new PlacedValues($cables, $job->size, $job->connector, $job->site, new CutPlaces($markOut, $build, $where->core ?? 1)))->at($job->cables[$where->end->value ?? ''] ?? $cables[0]);
                $progress = Progress::of($sheet, $markOut, $parking, $build, $values);
                $core = $progress->next()->where->core ?? 1;
                $section = $sections[$core - 1];
                unset($sections[$core - 1]);
                $otherLaps = array_merge([], ...array_map(static fn (Section $other): array => $other->laps, array_values($sections)));
            }
        } catch (CoreError $error) {
            $problem = $error instanceof MarkOutImpossible ? $error->reason : Sentence::plain($error->getMessage());
            [$markOut, $section, $progress] = [null, null, null];
        }
        $obstacles = Obstacles::of($job, $build, $cableFit, $kitFit, $connectorFit, $parking, [...($section->laps ?? []), ...$otherLaps], $problem);

        return new self($job, $sheet, $build, $cableFit, $kitFit, $connectorFit, $markOut, $parking, $section, $progress, $obstacles);
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
