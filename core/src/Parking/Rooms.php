<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Length;

/** Where the parts of a job can wait: end by end the cable, and after it its cores where it has three. */
final readonly class Rooms
{
    /** @param list<Room> $all */
    private function __construct(public array $all)
    {
    }

    /** @param non-empty-list<CableEnd> $cables */
    public static function of(array $cables, ?MarkOut $markOut): self
    {
        $rooms = [];
        foreach ($cables as $cable) {
            $rooms[] = new Room($cable->end, false, $cable->freeLength);
            $rooms = Cores::Three === $cable->cores() ? [
                ...$rooms, new Room($cable->end, true, self::coreLength($cable, $markOut)),
            ] : $rooms;
        }

        return new self($rooms);
    }

    /** Its place in the list. */
    public function placeOf(Item $item, End $end): int
    {
        $place = 0;
        foreach ($this->all as $i => $room) {
            if ($room->end === $end && (!$room->isOnCores || $item->isPerCore)) {
                $place = $i;
            }
        }

        return $place;
    }

    /**
     * The cores that stand free between the last cut round the whole cable and the end of their insulation; null before it is marked out.
     */
    private static function coreLength(CableEnd $cable, ?MarkOut $markOut): ?Length
    {
        $marks = $markOut?->marksOf($cable->end, 1) ?? [];
        $ofCable = array_filter($marks, static fn (Mark $mark): bool => null === $mark->place->core);
        $insulation = $markOut?->mark($cable->end, Cut::Insulation, 1);

        return [] === $ofCable || null === $insulation ? null : $ofCable[array_key_last($ofCable)]->at->minus($insulation->at);
    }
}
