<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Done;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\Unsettled;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Kit\Item;
use Berm\Core\Material\Requirement;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Place\Place;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** What stands in a job's way, found step by step in the order of the work. @internal use Plan::$obstacles */
final readonly class Obstacles
{
    private function __construct(private Job $job, private BuildState $build, private Layout $layout)
    {
    }

    /** @return list<Obstacle> */
    public static function of(
        Job $job, BuildState $build, FitReport $cableFit, ?FitReport $kitFit, ?FitReport $connectorFit, Layout $layout,
    ): array {
        $obstacles = new self($job, $build, $layout);
        $connector = $job->function->connectorKind()->label();

        return [
            ...$obstacles->safety(),
            ...$obstacles->found(),
            ...$obstacles->withdrawn(),
            ...$obstacles->cables(),
            ...self::fit(Step::Cables, $cableFit),
            ...(null === $job->size ? [Obstacle::of(
                ObstacleCode::KitMissing, Step::Kit, Sentence::plain('No kit is chosen.'),
            )] : self::fit(Step::Kit, $kitFit)),
            ...(null === $job->connector
                ? [Obstacle::of(ObstacleCode::ConnectorMissing, Step::Connector, Sentence::plain("No $connector is chosen."))]
                : self::fit(Step::Connector, $connectorFit)),
            ...self::ofLayout($job, $build, $layout),
            // The box is opened at the cable, when all is planned.
            ...(null === $job->size ? [] : $obstacles->leaflet()),
            ...$obstacles->unsettled(),
            ...array_merge([], ...array_map($obstacles->task(...), $layout->progress?->tasks() ?? [])),
        ];
    }

    /** @return list<Obstacle> what the plan itself brings out: where everything lies, the room to wait in, the box */
    public static function ofLayout(Job $job, BuildState $build, Layout $layout): array
    {
        $obstacles = new self($job, $build, $layout);

        return [
            ...(null === $layout->problem ? [] : [Obstacle::of(ObstacleCode::CannotBeMarkedOut, Step::MarkOut, $layout->problem)]),
            ...$obstacles->rooms($layout->parking),
            ...array_merge([], ...array_map($obstacles->ruling(...), $layout->rulings)),
            ...$obstacles->materials(),
        ];
    }

    /** @return list<Obstacle> */
    private function safety(): array
    {
        $reason = Sentence::plain('Nobody has confirmed, from the local permit, that it is safe to start.');

        return null === $this->build->safety ? [Obstacle::of(ObstacleCode::SafetyOpen, Step::Safety, $reason)] : [];
    }

    /** @return list<Obstacle> */
    private function cables(): array
    {
        $missing = array_values(array_filter($this->job->function->ends(), fn (End $end): bool => !isset($this->job->cables[$end->value])));

        return array_map(static fn (End $end): Obstacle => Obstacle::of(
            ObstacleCode::CableMissing, Step::Cables, Sentence::plain(
                "The cable of end {$end->value} is not chosen.",
            ), Where::of($end, null),
        ), $missing);
    }

    /** @return list<Obstacle> what is handed over stays as it was signed for */
    private function withdrawn(): array
    {
        $stands = null === $this->job->withdrawn || null !== $this->build->withdrawnAccepted() || null !== $this->build->handedOver();

        return $stands ? [] : [Obstacle::of(
            ObstacleCode::SheetWithdrawn, Step::Kit, Sentence::of(
                'This revision of the sheet was withdrawn: {reason} Choose another one, or an engineer lets it be finished by this.',
                ['reason' => $this->job->withdrawn],
            ), null, Acceptable::withdrawn(),
        )];
    }

    /** @return list<Obstacle> what opening the cable showed */
    private function found(): array
    {
        $names = new Names($this->job);

        return array_map(static fn (Done $found): Obstacle => Obstacle::of(
            ObstacleCode::FoundOtherwise, Step::Cables, Sentence::of(
                '{found} Plan anew with what was found, or an engineer lets it stand.', ['found' => $found->event->words($names)],
            ), Where::of($found->event->end, null), Acceptable::found($found->entry->id),
        ), $this->build->found());
    }

    /** @return list<Obstacle> what two answered who did not know of each other */
    private function unsettled(): array
    {
        $names = new Names($this->job);

        return array_map(static fn (Unsettled $one): Obstacle => Obstacle::of(
            ObstacleCode::Unsettled, Step::Build, Sentence::of(
                '{counts} ({first}), and {asked} ({second}). Neither knew of the other: the first counts until {second} measures again'
                .' or takes theirs back.',
                [
                    'counts' => $one->counts->event->words($names), 'first' => $one->counts->by,
                    'asked' => $one->asked->event->words($names), 'second' => $one->asked->by,
                ],
            ),
        ), $this->build->unsettled);
    }

    /** @return list<Obstacle> the sheet is one edition of the leaflet: the one in the box may say otherwise */
    private function leaflet(): array
    {
        $edition = $this->job->sheet->leaflet ?? '';
        $values = ['edition' => $edition, 'read' => $this->build->leaflet()->event->edition ?? ''];

        return match (true) {
            '' === $edition => [],
            // What was begun before it was asked goes on.
            null === $this->build->leaflet() => $this->build->isBegun() ? [] : [Obstacle::of(
                ObstacleCode::LeafletUnread, Step::Kit,
                Sentence::of('Which edition is the leaflet in the box? This sheet was written from {edition}.', $values),
            )],
            !$this->build->isOtherLeaflet($this->job->sheet) || null !== $this->build->compared() => [],
            default => [Obstacle::of(
                ObstacleCode::LeafletOther, Step::Kit, Sentence::of(
                    'The leaflet in the box is edition {read}, and this sheet was written from {edition}: an engineer compares them first.',
                    $values,
                ), null, Acceptable::leaflet(),
            )],
        };
    }

    /** @return list<Obstacle> */
    private static function fit(Step $step, ?FitReport $report): array
    {
        // What a parked part asks to be measured, the oversheath's own criterion asks already.
        $stopping = array_filter($report->findings ?? [], static fn (Finding $finding): bool => $finding->stops && !$finding->outcome->lets()
            && !(Outcome::CannotTell === $finding->outcome && Criterion::ParkedBore === $finding->criterion));

        return array_values(array_map(static fn (Finding $finding): Obstacle => Obstacle::of(
            Outcome::CannotTell === $finding->outcome ? ObstacleCode::CannotTell : ObstacleCode::DoesNotFit,
            self::step($step, $finding),
            null === $finding->end ? $finding->reason : Sentence::of(
                "End {$finding->end->value}: {reason}", ['reason' => $finding->reason],
            ),
            Where::of($finding->end, null),
        ), $stopping));
    }

    /** What the cables do not tell yet is found at the cables; where the accessory will be is said with the kit. */
    private static function step(Step $step, Finding $finding): Step
    {
        return Outcome::CannotTell === $finding->outcome && Criterion::Place !== $finding->criterion ? Step::Cables : $step;
    }

    /** @return list<Obstacle> */
    private function rooms(?ParkingPlan $parking): array
    {
        // Where the connector is on, nothing waits any more.
        return null !== $this->build->connector ? [] : array_merge([], ...array_map(self::room(...), $parking->sides ?? []));
    }

    /** @return list<Obstacle> */
    private static function room(ParkingSide $side): array
    {
        $values = [
            'needed' => $side->needed, 'free' => $side->free ?? $side->needed, 'short' => $side->spare()?->absolute() ?? $side->needed,
        ];
        $hides = array_map(static fn (Item $item): Place => Place::item($item->key), $side->items);
        $end = "End {$side->end->value}";
        $where = Where::of($side->end, null);

        return match (true) {
            // Known once it is marked out.
            $side->isUndecided() && $side->isOnCores => [],
            $side->isUndecided() => [Obstacle::at(ObstacleCode::RoomUnknown, Step::Cables, $where, $hides, [], Sentence::of(
                "$end: measure the straight, clean length free for parking. The parts need {needed} nose to tail.", $values,
            ))],
            $side->isShort() && $side->isOnCores => [Obstacle::at(ObstacleCode::RoomShort, Step::MarkOut, $where, $hides, [], Sentence::of(
                "$end: the parts parked on each core need {needed}, and the cores stand free for {free} only: {short} short.", $values,
            ))],
            $side->isShort() => [Obstacle::at(ObstacleCode::RoomShort, Step::MarkOut, $where, $hides, [], Sentence::of(
                "$end: the parked parts need {needed} nose to tail and only {free} is free: {short} short. Free more cable, or straighten it further back.",
                $values,
            ))],
            default => [],
        };
    }

    /** @return list<Obstacle> */
    private function ruling(Ruling $ruling): array
    {
        if (!$ruling->needsEngineer() || null !== $this->build->acceptanceOf($ruling)) {
            return [];
        }
        $step = $this->build->hasCuts() ? Step::Build : Step::MarkOut;

        return [Obstacle::at(
            ObstacleCode::LapShort, $step, $ruling->place->where, null === $ruling->place->of ? [] : [$ruling->place->of],
            $this->stagesHiding($ruling), self::why($ruling), Acceptable::ruling($ruling->place), $this->lastSet($ruling),
        )];
    }

    /**
     * Nothing goes on over a rule that does not hold: from the stage in which the last of what it speaks of comes to its place, or, where
     * that is cuts alone, from that of the connector, since a cut that is made cannot be seen to any later.
     *
     * @return list<string> keys of the stages that may not be finished while it stands
     */
    private function stagesHiding(Ruling $ruling): array
    {
        $items = $this->job->sheet?->spokenOf($ruling->place->item) ?? [];
        $from = null;
        $keys = array_column(array_column($this->layout->progress->stages ?? [], 'stage'), 'key');
        foreach ($this->layout->progress->stages ?? [] as $i => $progress) {
            $isIts = [] === $items ? $progress->stage->fitsConnector : [] !== array_intersect($items, $progress->stage->installs);
            $from = $isIts ? $i : $from;
        }

        return null === $from ? [] : \array_slice($keys, $from);
    }

    /** The item that completes what the rule speaks of: it is not set while it does not hold. Empty where that is cuts alone. */
    private function lastSet(Ruling $ruling): string
    {
        $items = array_keys($this->job->sheet->items ?? []);

        return array_values(array_reverse(array_intersect($items, $this->job->sheet?->spokenOf($ruling->place->item) ?? [])))[0] ?? '';
    }

    private static function why(Ruling $ruling): Sentence
    {
        return $ruling->isShort() ? $ruling->reason() : Sentence::of(
            '{rule} That is not likely to hold: {worst}', ['rule' => $ruling->reason(), 'worst' => $ruling->worst() ?? ''],
        );
    }

    /** @return list<Obstacle> what the box is short of; a sheet of the first edition does not say what its items take */
    private function materials(): array
    {
        $obstacles = [];
        foreach (true === $this->job->sheet?->saysAll() ? $this->layout->materials : [] as $requirement) {
            $shortage = $requirement->shortage();
            $obstacles = null === $shortage ? $obstacles : [...$obstacles, ...$this->short($requirement, $shortage)];
        }

        return $obstacles;
    }

    /** @return list<Obstacle> once the connector is on, what was lost holds up the setting of another one, and nothing else */
    private function short(Requirement $requirement, Sentence $shortage): array
    {
        if (null === $this->build->connector) {
            return [Obstacle::of(ObstacleCode::MaterialShort, Step::Kit, $shortage)];
        }
        $lost = array_filter($this->job->sheet->items ?? [], fn (Item $item): bool => $item->stock === $requirement->stock->key
            && $this->build->timesTakenOff($item->key) > 0);

        return array_values(array_map(static fn (Item $item): Obstacle => Obstacle::at(
            ObstacleCode::MaterialShort, Step::Kit, Where::of(null, null), [], [], $shortage, null, $item->key,
        ), $lost));
    }

    /** @return list<Obstacle> what was written down and is out */
    private function task(Task $task): array
    {
        if (!$task->isOut) {
            return [];
        }
        $stages = $this->stagesFrom($this->layout->progress, $task->stage->key);
        $place = $task->mark?->place;
        $check = $task->checkPlace();

        return match (true) {
            TaskKind::Cut === $task->kind && null !== $place => [Obstacle::at(
                ObstacleCode::CutOut, Step::Build, $task->where, [Place::layer($place->cut->layer())], $stages,
                Sentence::plain(
                    ucfirst("{$place->inWords()} is out. Put it right, or let an engineer accept it, before it is hidden."),
                ), Acceptable::cut($place),
            )],
            null !== $check => [Obstacle::at(
                ObstacleCode::CheckOut, Step::Build, $task->where, [], $stages,
                Sentence::of(
                    '{task}: it is out. Put it right, or let an engineer accept it.', ['task' => $task->title],
                ), Acceptable::check($check),
            )],
            default => [],
        };
    }

    /** @return list<string> the stage and those after it */
    private function stagesFrom(?Progress $progress, string $key): array
    {
        $keys = array_map(static fn ($stage): string => $stage->stage->key, $progress->stages ?? []);

        return \array_slice($keys, (int) array_search($key, $keys, true));
    }
}
