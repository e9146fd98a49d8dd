<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;

/**
 * Finds the allowed split that moves fewest parts from their preferred end and fits. Part by part: of splits that load every room
 * alike only the one that moved fewest goes on, so that as many are looked at as there are different loads, and not two for each part and
 * more.
 *
 * @internal use ParkingPlan::of()
 */
final readonly class SplitSearch
{
    /**
     * So many are carried on, those that moved fewest: a bound on what one sheet can cost, reached by no set of parts that is cut to whole
     * mm or 1/16 in.
     */
    private const MOST = 20_000;

    public function __construct(private Rooms $rooms, private KitSize $size)
    {
    }

    /**
     * Null: none fits.
     *
     * @param list<Part> $parts
     */
    public function best(array $parts): ?Split
    {
        $splits = [Split::empty()];
        foreach ($parts as $part) {
            $splits = $this->afterPart($splits, $part);
        }

        return $splits[0] ?? null;
    }

    /**
     * @param list<Split> $splits those that moved fewest first
     *
     * @return list<Split>
     */
    private function afterPart(array $splits, Part $part): array
    {
        $next = [];
        foreach ($splits as $split) {
            foreach ($this->placements($split, $part) as $placed) {
                $known = $next[$placed->loading()] ?? null;
                $next[$placed->loading()] = null === $known || $placed->moved < $known->moved ? $placed : $known;
            }
        }
        usort($next, static fn (Split $one, Split $other): int => $one->moved <=> $other->moved);

        return \array_slice($next, 0, self::MOST);
    }

    /** @return list<Split> */
    private function placements(Split $split, Part $part): array
    {
        $placements = [];
        foreach ($part->parkOn as $i => $end) {
            $room = $this->rooms->placeOf($part, $end);
            $load = $split->load($room)->with($this->size->parts[$part->key]->parkedLength(), $part->isNested);
            if ($this->rooms->all[$room]->takes($load)) {
                $placements[] = $split->with($part->key, $end, $i > 0, $room, $load);
            }
        }

        return $placements;
    }
}
