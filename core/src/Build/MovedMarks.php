<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;

/** Which cuts are marked elsewhere than the sheet has them, and by how much. @internal use BuildState */
final readonly class MovedMarks
{
    public function __construct(private LogFold $log, private SawnEnds $sawn)
    {
    }

    /** Away from the cable end; on all that was done since. Null: it lies as the sheet has it. */
    public function by(MarkPlace $place): ?Length
    {
        $taken = $this->taken($place->onOtherEnd());

        return null !== $taken ? $taken->event->by->negated() : $this->moved($place)?->event->moves($place);
    }

    /** @return Done<OtherSideTakes>|null what was let stand because the other end takes it, while it lies as it did then */
    public function taken(MarkPlace $place): ?Done
    {
        $taken = $this->log->last(OtherSideTakes::class, $place->path());
        $holds = null !== $taken && $taken->entry->basis?->entry === $this->log->last(CutMeasured::class, $place->path())?->entry->id
            && [] === $this->sawn->since($taken->entry, $place);

        return $holds ? $taken : null;
    }

    /** @return Done<MarkMoved>|null the last of those that move it, by itself or with the same cut of the other end */
    private function moved(MarkPlace $place): ?Done
    {
        $last = null;
        foreach ([$place->path(), MarkMoved::ofBoth($place), MarkMoved::ofBoth($place->onOtherEnd())] as $subject) {
            $moved = $this->log->last(MarkMoved::class, $subject);
            // An end that is shortened is marked as the sheet has it.
            $holds = null !== $moved && [] === $this->sawn->since($moved->entry, $place);
            $last = $holds && (null === $last || $this->sawn->isAfter($moved->entry, $last->entry)) ? $moved : $last;
        }

        return $last;
    }

    /** @return list<Entry> those that hold; of what was moved on both ends, where it still is */
    public function all(): array
    {
        $moves = array_map(static fn (Done $taken): Entry => $taken->entry, $this->log->allOf(OtherSideTakes::class));
        foreach ($this->log->allOf(MarkMoved::class) as $done) {
            foreach ($done->event->places() as $place) {
                $by = $this->moved($place)?->entry === $done->entry ? $done->event->moves($place) : null;
                $moves = null === $by ? $moves : [...$moves, Entry::of(
                    "{$done->entry->id} {$place->end->value}", $done->entry->by, $done->entry->at,
                    new MarkMoved($place, $by, $done->event->for, $done->event->reason),
                )];
            }
        }

        return $moves;
    }
}
