<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\Answered;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\Called;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\Found;
use Berm\Core\Build\Event\FoundAccepted;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\KitDated;
use Berm\Core\Build\Event\LapAccepted;
use Berm\Core\Build\Event\LeafletCompared;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\Pictured;
use Berm\Core\Build\Event\PieceTaken;
use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\Event\ToolTaken;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Event\WithdrawnAccepted;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Kit\KitSheet;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\RulingPlace;

/** What the log adds up to: of each thing, the last entry that was not withdrawn and was written for what is planned now. */
final readonly class BuildState
{
    public ?SafetyConfirmed $safety;
    public ?ConnectorFitted $connector;

    /** @var array<string, Entry> by id, entries that were not withdrawn */
    public array $counting;

    /** @var array<string, Entry> by id, those of them that were written for another plan and no longer hold */
    public array $lapsed;

    /** @var array<string, true> by id, those of them that a part that was taken off again, or an end that was cut back, made untrue */
    public array $fallen;

    /** @var list<Unsettled> */
    public array $unsettled;

    /** The id of the last entry that a handing over signs for; null where there is none. */
    public ?string $lastWork;

    /** @var array<string, list<CheckMade>> by stage, the last of each check */
    private array $checks;

    private SawnEnds $sawn;

    private MovedMarks $moved;

    private function __construct(private LogFold $log)
    {
        $this->counting = $log->counting;
        $this->lapsed = $log->lapsed;
        $this->fallen = $log->fallen;
        $this->lastWork = $log->lastWork;
        $this->unsettled = $log->unsettled;
        $this->safety = $this->log->last(SafetyConfirmed::class, [])?->event;
        $this->connector = $this->log->last(ConnectorFitted::class, [])?->event;
        $checks = [];
        foreach ($this->log->allOf(CheckMade::class) as $done) {
            $checks[$done->event->place->stage][] = $done->event;
        }
        $this->checks = $checks;
        $this->sawn = SawnEnds::in($this->counting);
        $this->moved = new MovedMarks($log, $this->sawn);
    }

    /**
     * @param list<Entry> $log  in the order in which it arrived
     * @param Pins|null   $pins what is planned now; null: whatever the entries were written for
     */
    public static function fold(array $log, ?Pins $pins = null): self
    {
        return new self(LogFold::of($log, $pins));
    }

    public static function nothingDone(): self
    {
        return self::fold([]);
    }

    /** @return Done<SafetyConfirmed>|null the last time that it was confirmed safe to start */
    public function begun(): ?Done
    {
        return $this->log->last(SafetyConfirmed::class, []);
    }

    /** @return Done<CutMeasured>|null as it is from the cable end now: what was sawn off since is taken off its reading */
    public function cut(MarkPlace $place): ?Done
    {
        $measured = $this->log->last(CutMeasured::class, $place->path());
        $reading = $measured?->event->reading;
        foreach (null === $measured ? [] : $this->sawn->since($measured->entry, $place) as $sawn) {
            $reading = $reading?->afterSawingOff($sawn);
        }

        return null === $measured || null === $reading ? null : new Done(new CutMeasured($place, $reading), $measured->entry);
    }

    /** @return list<Reading> what was sawn off an end, in the order of doing */
    public function sawnOff(End $end): array
    {
        return $this->sawn->off($end);
    }

    /** @return list<Reading> what was sawn off one core alone: so much nearer to its end lies what all share */
    public function sawnOffAlone(End $end, int $core): array
    {
        return $this->sawn->alone($end, $core);
    }

    /** One core at least is shorter than the others. */
    public function hasUnequalCores(): bool
    {
        return $this->sawn->areUnequal();
    }

    /** How far a cut is marked from where the sheet has it, away from the cable end; on all that was done since. */
    public function movedBy(MarkPlace $place): ?Length
    {
        return $this->moved->by($place);
    }

    /** @return list<Entry> those that hold; of what was moved on both ends, where it still is */
    public function moves(): array
    {
        return $this->moved->all();
    }

    public function hasCuts(): bool
    {
        return [] !== $this->log->allOf(CutMeasured::class);
    }

    /** Null while the cut has not been measured. */
    public function judgementOf(Mark $mark): ?Judgement
    {
        $measured = $this->cut($mark->place);

        return null === $measured ? null : Judgement::ofReading($measured->event->reading, $mark->window());
    }

    /**
     * An acceptance holds for the reading that it was given for, against the window that it was out of.
     *
     * @return Done<DeviationAccepted>|null
     */
    public function acceptance(Mark $mark): ?Done
    {
        $taken = $this->moved->taken($mark->place);
        if (null !== $taken) {
            return new Done(new DeviationAccepted($mark->place, $taken->event->reason), $taken->entry);
        }
        $accepted = $this->log->last(DeviationAccepted::class, $mark->place->path());
        $basis = $accepted?->entry->basis;
        $holds = null === $basis
            || $basis->entry === $this->cut($mark->place)?->entry->id && true === $basis->window?->equals($mark->window());
        $isAsItWas = null === $accepted || [] === $this->sawn->since($accepted->entry, $mark->place);

        return $holds && $isAsItWas ? $accepted : null;
    }

    /** @return Done<LapAccepted>|null while it leaves no less than it did then */
    public function acceptanceOf(Ruling $ruling): ?Done
    {
        $accepted = $this->log->last(LapAccepted::class, $ruling->place->path()) ?? $this->acceptedOnACore($ruling->place);
        $basis = $accepted?->entry->basis;
        $then = $basis?->value;
        $holds = null === $basis || null !== $then && true === $basis->window?->equals($ruling->window)
            && $ruling->window->margin($then)->isAtMost($ruling->window->margin($ruling->value));

        return $holds ? $accepted : null;
    }

    /**
     * What goes round all cores was once held, and let stand, core by core.
     *
     * @return Done<LapAccepted>|null
     */
    private function acceptedOnACore(RulingPlace $place): ?Done
    {
        foreach (null === $place->where->core ? $this->log->allOf(LapAccepted::class) : [] as $done) {
            if (null !== $done->event->place->where->core && $done->event->place->onWhicheverCore()->path() === $place->path()) {
                return $done;
            }
        }

        return null;
    }

    /** @return Done<CheckMade>|null */
    public function check(CheckPlace $place): ?Done
    {
        return $this->log->last(CheckMade::class, $place->path());
    }

    /** @return list<CheckMade> the last of each check of a stage */
    public function checksOf(string $stage): array
    {
        return $this->checks[$stage] ?? [];
    }

    /** @return Done<CheckAccepted>|null */
    public function checkAcceptance(CheckPlace $place): ?Done
    {
        $accepted = $this->log->last(CheckAccepted::class, $place->path());
        $basis = $accepted?->entry->basis;

        return null === $basis || $basis->entry === $this->check($place)?->entry->id ? $accepted : null;
    }

    /** @return Done<Applied>|null until it is taken off again */
    public function applied(WorkPlace $place): ?Done
    {
        return $this->log->last(Applied::class, $place->path());
    }

    /** @return Done<LeftSafe>|null while nobody has confirmed since that it is safe to start */
    public function left(): ?Done
    {
        return $this->log->last(LeftSafe::class, []);
    }

    public function isParked(string $part): bool
    {
        return null !== $this->parked($part);
    }

    /** @return Done<PartParked>|null */
    public function parked(string $part): ?Done
    {
        return $this->log->last(PartParked::class, [$part]);
    }

    /** @return list<Done<PartParked>> */
    public function allParked(): array
    {
        return $this->log->allOf(PartParked::class);
    }

    /** @return Done<StageFinished>|null */
    public function finished(string $stage): ?Done
    {
        return $this->log->last(StageFinished::class, [$stage]);
    }

    /** @return Done<HoldReleased>|null of the stage as it was finished last */
    public function released(string $stage): ?Done
    {
        $released = $this->log->last(HoldReleased::class, [$stage]);
        $basis = $released?->entry->basis;

        return null === $basis || $basis->entry === $this->finished($stage)?->entry->id ? $released : null;
    }

    /** @return Done<HandedOver>|null while nothing was written, or taken back, since */
    public function handedOver(): ?Done
    {
        $handed = $this->log->last(HandedOver::class, []);

        return null !== $handed && $handed->entry->basis?->entry === $this->lastWork ? $handed : null;
    }

    /** Something was done at the cable. */
    public function isBegun(): bool
    {
        return [] !== array_filter($this->counting, static fn (Entry $one): bool => $one->event::kind()->isAtTheCable());
    }

    /** When something was done at the cable last; null: nothing was. */
    public function lastDone(): ?\DateTimeImmutable
    {
        $times = [];
        foreach ($this->counting as $entry) {
            $times = $entry->event::kind()->isAtTheCable() ? [...$times, $entry->doneAt()] : $times;
        }

        return [] === $times ? null : max($times);
    }

    /** Pieces of a stock that came from elsewhere than from the kit's own box. */
    public function piecesTaken(string $stock): int
    {
        $taken = array_filter($this->log->allOf(PieceTaken::class), static fn (Done $done): bool => $done->event->stock === $stock);

        return array_sum(array_map(static fn (Done $done): int => $done->event->pieces, $taken));
    }

    /** How often a part of the box at hand was set and came off again, at one end or wherever it lies: another box has all of them. */
    public function timesTakenOff(string $part, ?End $end = null): int
    {
        $isIt = static fn (WorkPlace $place): bool => WorkKind::Set === $place->how && $place->part === $part
            && $place->where->meets(Where::of($end, null));
        $times = 0;
        foreach ($this->counting as $entry) {
            $times = $entry->event instanceof BoxOpened ? 0 : $times;
            $lost = $entry->event instanceof Shortens ? array_intersect_key($this->counting, array_flip($entry->basis->falls ?? [])) : [];
            $cutOff = array_filter($lost, static fn (Entry $one): bool => $one->event instanceof Applied && $isIt($one->event->place));
            $times += \count($cutOff) + ($entry->event instanceof TakenOff && $isIt($entry->event->place) ? 1 : 0);
        }

        return $times;
    }

    /** @return Done<WithdrawnAccepted>|null an engineer lets it be finished by a sheet that was withdrawn */
    public function withdrawnAccepted(): ?Done
    {
        return $this->log->last(WithdrawnAccepted::class, []);
    }

    /** @return list<Done<Found>> what was found otherwise, as long as it is neither planned anew nor let stand */
    public function found(): array
    {
        $open = [];
        foreach ($this->counting as $entry) {
            $event = $entry->event;
            if ($event instanceof Found) {
                $open[$entry->id] = new Done($event, $entry);
            }
            $open = match (true) {
                $event instanceof FoundAccepted => array_diff_key($open, [$event->found => true]),
                $event instanceof PlanChanged => array_filter($open, static fn (Done $found): bool => !$event->tellsOf($found->event->end)),
                default => $open,
            };
        }

        return array_values($open);
    }

    /** @return list<Done<Pictured>> in the order in which they were written down */
    public function pictures(): array
    {
        return $this->log->allOf(Pictured::class);
    }

    /** @return list<Call> in the order in which they were made */
    public function calls(): array
    {
        return array_map(
            fn (Done $made): Call => new Call($made, $this->log->last(Answered::class, [$made->entry->id])),
            $this->log->allOf(Called::class),
        );
    }

    /** @return Done<LeafletRead>|null */
    public function leaflet(): ?Done
    {
        return $this->log->last(LeafletRead::class, []);
    }

    /** Another edition of the leaflet lies in the box than the sheet was written from. */
    public function isOtherLeaflet(?KitSheet $sheet): bool
    {
        $read = $this->leaflet()?->event->edition;
        $plain = static fn (string $edition): string => mb_strtolower((string) preg_replace('/[\s.,;:-]+/u', '', $edition));

        return null !== $read && null !== $sheet && '' !== $sheet->leaflet && $plain($read) !== $plain($sheet->leaflet);
    }

    /** @return Done<LeafletCompared>|null of the edition that was read last */
    public function compared(): ?Done
    {
        $compared = $this->log->last(LeafletCompared::class, []);

        return null !== $compared && $compared->entry->basis?->entry === $this->leaflet()?->entry->id ? $compared : null;
    }

    /** @return Done<BoxOpened>|null the one that was opened last */
    public function box(): ?Done
    {
        return $this->log->last(BoxOpened::class, []);
    }

    /** @return Done<KitDated>|null */
    public function kitDate(): ?Done
    {
        return $this->log->last(KitDated::class, []);
    }

    /** @return list<Done<ToolTaken>> presses and wrenches */
    public function tools(): array
    {
        return $this->log->allOf(ToolTaken::class);
    }
}
