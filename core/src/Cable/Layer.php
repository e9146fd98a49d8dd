<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One layer of a construction, by the diameter over it. */
final readonly class Layer
{
    public function __construct(
        public LayerKind $kind,
        public Length $diameter,
        /** What the standard or the datasheet allows; null where it says nothing. */
        public ?Range $window,
        public Basis $basis,
        public string $source,
    ) {
    }
}
