<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

/** One step of the practice, and what of the sheet sees to it. */
final readonly class Row
{
    /** @param non-empty-list<Part> $parts */
    public function __construct(
        public int $number,
        /** The practice has a number for it. */
        public bool $isNumbered,
        public array $parts,
    ) {
    }

    public function means(): Means
    {
        return Means::strongest(array_map(static fn (Part $part): Means => $part->means, $this->parts));
    }
}
