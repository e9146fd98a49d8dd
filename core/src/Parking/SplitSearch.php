<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSize;

/**
 * Finds the allowed split that moves fewest parts from their preferred end and fits. Item by part: of splits that load every room
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
     * @param list<Item> $items
     */
    public function best(array $items): ?Split
    {
        $splits = [Split::empty()];
        foreach ($items as $item) {
            $splits = $this->afterPart($splits, $item);
        }

        return $splits[0] ?? null;
    }

    /**
     * @param list<Split> $splits those that moved fewest first
     *
     * @return list<Split>
     */
    private function afterPart(array $splits, Item $item): array
    {
        $next = [];
        foreach ($splits as $split) {
            foreach ($this->placements($split, $item) as $placed) {
                $known = $next[$placed->loading()] ?? null;
                $next[$placed->loading()] = null === $known || $placed->moved < $known->moved ? $placed : $known;
            }
        }
        usort($next, static fn (Split $one, Split $other): int => $one->moved <=> $other->moved);

        return \array_slice($next, 0, self::MOST);
    }

    /** @return list<Split> */
    private function placements(Split $split, Item $item): array
    {
        $placements = [];
        foreach ($item->parkOn as $i => $end) {
            $room = $this->rooms->placeOf($item, $end);
            $load = $split->load($room)->with($this->size->parkedLength($item), $item->isNested);
            if ($this->rooms->all[$room]->takes($load)) {
                $placements[] = $split->with($item->key, $end, $i > 0, $room, $load);
            }
        }

        return $placements;
    }
}
