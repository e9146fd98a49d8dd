<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Length;

/** What waits on one end, nose to tail, and the room there is. */
final readonly class ParkingSide
{
    /** @param list<Part> $parts in the order in which they are threaded on: the last to be installed first */
    public function __construct(
        public End $end,
        public array $parts,
        public Length $needed,
        /** Null when nobody has measured it. */
        public ?Length $free,
    ) {
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
