<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\OffMeanwhile;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Timing;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Fit\BoxFit;
use Berm\Core\Fit\CableFit;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Fit\ToolFit;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\OtherMark;
use Berm\Core\Material\Requirement;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\RulingPlace;
use Berm\Core\Section\Section;

/** All that follows from a job and its log: computed whole, every time, from nothing else. */
final readonly class Plan
{
    /**
     * @param list<Obstacle>    $obstacles  in the order of the work
     * @param list<Section>     $otherCores the sections of the other cores
     * @param list<Ruling>      $rulings    on every core
     * @param list<Requirement> $materials  of every stock that some item takes
     */
    private function __construct(
        public Job $job,
        /** As it stands for this job. */
        public ?KitSheet $sheet,
        public BuildState $build,
        /** Null until there is something to judge. */
        public ?FitReport $cableFit,
        public ?FitReport $kitFit,
        public ?FitReport $connectorFit,
        /** Of the kit and the connector together, as they lie on these cables. */
        public ?FitReport $planFit,
        public ?MarkOut $markOut,
        /** @var list<OtherMark> marks that are no cuts */
        public array $otherMarks,
        public ?ParkingPlan $parking,
        /** On the core that is worked on. */
        public ?Section $section,
        public array $otherCores,
        public array $rulings,
        public array $materials,
        public ?Progress $progress,
        public array $obstacles,
        /** Why it cannot be worked out where everything lies; null where it can. */
        public ?Sentence $problem,
    ) {
    }

    /** @param list<Entry> $log in the order in which it was written */
    public static function ofLog(Job $job, array $log): self
    {
        return self::of($job, BuildState::fold($log, $job->pins()));
    }

    public static function of(Job $job, BuildState $build): self
    {
        $sheet = Assembled::of($job)->sheet;
        $cables = array_values($job->cables);
        $cableFit = array_reduce(
            $cables, static fn (FitReport $all, CableEnd $cable): FitReport => $all->and(
                CableFit::judge($cable, $job->site->weather),
            ), FitReport::of(),
        );
        $kitFit = self::kitFit($job, $sheet, $build, $cables);
        $connectorFit = self::connectorFit($job, $sheet, $build, $cables);
        $layout = Layout::of($job, $sheet, $build);
        $obstacles = Obstacles::of($job, $build, $cableFit, $kitFit, $connectorFit, $layout);

        return new self(
            $job, $sheet, $build, $cableFit, $kitFit, $connectorFit,
            null === $kitFit ? null : PlanFit::judge($job, $sheet, $build, $kitFit, $connectorFit, $layout),
            $layout->markOut, $layout->otherMarks, $layout->parking, $layout->section, $layout->otherCores, $layout->rulings,
            $layout->materials, $layout->progress, $obstacles, $layout->problem,
        );
    }

    /** @param list<CableEnd> $cables */
    private static function kitFit(Job $job, ?KitSheet $sheet, BuildState $build, array $cables): ?FitReport
    {
        return null === $sheet || null === $job->size ? null : KitFit::judge($job->function, $cables, $job->site, $sheet, $job->size)
            ->and(FitReport::of(...BoxFit::judge($build->box(), $build->kitDate(), $sheet, $job->size)));
    }

    /** @param list<CableEnd> $cables */
    private static function connectorFit(Job $job, ?KitSheet $sheet, BuildState $build, array $cables): ?FitReport
    {
        return null === $job->connector ? null : ConnectorFit::judge($job->function, $cables, $job->connector, $sheet, $job->size)
            ->and(ToolFit::judge($job->connector, $sheet, $build->tools()));
    }

    /** What it all lies on; null until it has been chosen and can be worked out. */
    public function assembly(): ?Assembly
    {
        return null === $this->section ? null : Assembled::of($this->job)->assembly();
    }

    /** Where everything lies on a core; null until that can be worked out. */
    public function sectionOf(int $core): ?Section
    {
        foreach (null === $this->section ? [] : [$this->section, ...$this->otherCores] as $section) {
            if ($section->core === $core) {
                return $section;
            }
        }

        return $this->section;
    }

    /** What is told of a stage that the job does not have; null where it has it, or none is named. */
    public function missingStage(string $key): ?Sentence
    {
        $isThere = '' === $key || null !== $this->progress?->stage($key);

        return $isThere ? null : Sentence::plain('There is no such stage on this job.');
    }

    /**
     * An event as a line of the log, with what it is judged by now.
     *
     * @param self|null $whole of all that has arrived, where its author had not heard of all
     */
    public function entry(
        string $id, string $by, \DateTimeImmutable $at, Event $event, ?Timing $timing = null, ?self $whole = null,
    ): Entry {
        return Entry::of($id, $by, $at, $event, $timing, OffMeanwhile::basis($event, $this, $whole ?? $this));
    }

    /** Why it can no longer be changed; null while it can. */
    public function lock(): ?Sentence
    {
        return null === $this->build->connector ? null : Sentence::plain(
            'The connector is on: the plan that it was built to can no longer be changed.',
        );
    }

    /** Whether the kit fits: by itself, and as it lies on these cables with this connector. */
    public function wholeKitFit(): ?FitReport
    {
        return null === $this->planFit ? $this->kitFit : $this->kitFit?->and($this->planFit);
    }

    public function completion(): Completion
    {
        return Completion::of($this);
    }

    public function ruling(RulingPlace $place): ?Ruling
    {
        foreach ($this->rulings as $ruling) {
            if ($ruling->place->path() === $place->path()) {
                return $ruling;
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
            Step::Safety, Step::Cables, Step::Kit, Step::Connector => true,
            Step::MarkOut => null !== $this->markOut,
            Step::Build => $this->completion()->isDone(),
            Step::Record => $this->completion()->isComplete(),
        };
    }
}
