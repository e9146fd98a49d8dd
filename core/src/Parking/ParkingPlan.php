<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\MarkOut;

/** Which part waits on which end before the connector goes on. */
final readonly class ParkingPlan
{
    /** @param list<ParkingSide> $sides end by end; the cores of an end after its cable */
    private function __construct(public array $sides)
    {
    }

    /**
     * Each part on its preferred end if there is room; else the allowed split that moves fewest parts and fits; else as preferred, and
     * short.
     *
     * @param non-empty-list<CableEnd> $cables
     */
    public static function of(array $cables, KitSheet $sheet, KitSize $size, ?MarkOut $markOut): self
    {
        $items = $sheet->parkedItems();
        $rooms = Rooms::of($cables, $markOut);
        $ends = (new SplitSearch($rooms, $size))->best($items)->ends ?? self::preferred($items);
        $sides = array_map(
            static fn (Room $room): ParkingSide => ParkingSide::of($room, self::waitingIn($room, $rooms, $items, $ends), $size),
            $rooms->all,
        );

        return new self(array_values(array_filter(
            $sides, static fn (ParkingSide $side): bool => !$side->isOnCores || [] !== $side->items,
        )));
    }

    public function sideOf(string $item): ?End
    {
        foreach ($this->sides as $side) {
            foreach ($side->items as $parked) {
                if ($parked->key === $item) {
                    return $side->end;
                }
            }
        }

        return null;
    }

    public function fits(): bool
    {
        foreach ($this->sides as $side) {
            if ($side->isShort() || $side->isUndecided()) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Item> $items
     *
     * @return array<string, End>
     */
    private static function preferred(array $items): array
    {
        $ends = [];
        foreach ($items as $item) {
            $ends[$item->key] = $item->parkOn[0] ?? End::A;
        }

        return $ends;
    }

    /**
     * @param list<Item>         $items
     * @param array<string, End> $ends
     *
     * @return list<Item>
     */
    private static function waitingIn(Room $room, Rooms $rooms, array $items, array $ends): array
    {
        return array_values(array_filter(
            $items, static fn (Item $item): bool => $rooms->all[$rooms->placeOf($item, $ends[$item->key])] === $room,
        ));
    }
}
