<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;

/** A kit of which a box lies in the store or on the van. */
final readonly class KitAtHand
{
    public function __construct(
        public KitSheet $sheet,
        public KitSize $size,
        /** As on the box; null: it does not say. */
        public ?\DateTimeImmutable $expires,
        /** Of how many boxes there are. */
        public int $boxes,
    ) {
    }

    /** The one that is nearest to expire first; those that do not say last. */
    public function isAfter(self $other): int
    {
        return ($this->expires?->getTimestamp() ?? \PHP_INT_MAX) <=> ($other->expires?->getTimestamp() ?? \PHP_INT_MAX);
    }
}
