<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Length;

/** Another number that the leaflet gives for a dimension of a size: one is taken, both are kept, and each is proved. */
final readonly class Doubt
{
    public function __construct(
        /** The dimension, as formulas have it. */
        public string $dimension,
        public Length $other,
        /** Where the leaflet says so. */
        public string $reason,
    ) {
    }
}
