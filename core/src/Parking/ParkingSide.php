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
    public static function of(End $end, bool $isOnCores, array $parts, KitSize $size, ?Length $free): self
    {
        $length = static fn (Part $part): Length => $size->parts[$part->key]->length->times($size->parts[$part->key]->count);
        $inLine = array_map($length, array_values(array_filter($parts, static fn (Part $part): bool => !$part->isNested)));
        $nested = array_map($length, array_values(array_filter($parts, static fn (Part $part): bool => $part->isNested)));
        $needed = Length::sum(...$inLine, ...([] === $nested ? [] : [Length::largest(...$nested)]));

        return new self($end, $isOnCores, array_reverse($parts), $needed, $free);
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
