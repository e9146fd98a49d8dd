<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Section\PlacedItem;

/** One item on a stretch of the profile, and the diameters beneath and over it, in mm. */
final readonly class Coat
{
    public function __construct(
        public PlacedItem $placed,
        public Layering $layering,
        /** Whole passes or turns, of a wrap. */
        public ?float $passes,
        public float $beneath,
        public float $outside,
        public float $leastBeneath,
        public float $leastOutside,
        public float $mostBeneath,
        public float $mostOutside,
    ) {
    }
}
