<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\Length;

/** What waits on one end, and the room there is. */
final readonly class ParkingSide
{
    /** @param list<Item> $items in the order in which they are threaded on: the last to be installed first */
    private function __construct(
        public End $end,
        /** On each core of a cable with three; else on the cable. */
        public bool $isOnCores,
        public array $items,
        public Length $needed,
        /** Null when nobody has measured it. */
        public ?Length $free,
    ) {
    }

    /** @param list<Item> $items in the order in which they are installed */
    public static function of(Room $room, array $items, KitSize $size): self
    {
        $load = Load::none();
        foreach ($items as $item) {
            $load = $load->with($size->parkedLength($item), $item->isNested);
        }

        return new self($room->end, $room->isOnCores, array_reverse($items), $load->length(), $room->free);
    }

    /** Negative when the parts are longer than the room; null when the room is not known. */
    public function spare(): ?Length
    {
        return $this->free?->minus($this->needed);
    }

    public function isShort(): bool
    {
        return true === $this->spare()?->isNegative();
    }

    public function isUndecided(): bool
    {
        return [] !== $this->items && null === $this->free;
    }
}
