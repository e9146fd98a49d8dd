<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\End;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Length;

/** What waits on one end, and the room there is. */
final readonly class ParkingSide
{
    /** @param list<Part> $parts in the order in which they are threaded on: the last to be installed first */
    private function __construct(
        public End $end,
        /** On each core of a cable with three; else on the cable. */
        public bool $isOnCores,
        public array $parts,
        public Length $needed,
        /** Null when nobody has measured it. */
        public ?Length $free,
    ) {
    }

    /** @param list<Part> $parts in the order in which they are installed */
    public static function of(Room $room, array $parts, KitSize $size): self
    {
        $load = Load::none();
        foreach ($parts as $part) {
            $load = $load->with($size->parts[$part->key]->parkedLength(), $part->isNested);
        }

        return new self($room->end, $room->isOnCores, array_reverse($parts), $load->length(), $room->free);
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
        return [] !== $this->parts && null === $this->free;
    }
}
