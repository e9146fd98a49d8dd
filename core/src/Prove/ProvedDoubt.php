<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Kit\Doubt;
use Berm\Core\Quantity\Length;

/** What a sheet comes to with the other number of a leaflet that contradicts itself. */
final readonly class ProvedDoubt
{
    /** @param list<Shortfall> $shortfalls those that it has and the sheet as it is has not, the worst first */
    public function __construct(
        /** Label of the size. */
        public string $size,
        public Doubt $doubt,
        /** The number that the sheet takes. */
        public Length $taken,
        public array $shortfalls,
    ) {
    }
}
