<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** How a part must lie to what it covers or meets. */
enum CoverageRule: string
{
    /** Lies on it over at least, and at most, so much. */
    case Laps = 'laps';
    /** Covers all of it, and at least so much more on both sides. */
    case Covers = 'covers';
    /** Its edge meets the other's, within so much. */
    case Butts = 'butts';
    /** Leaves so much between. */
    case Gap = 'gap';
    /** Its edge towards the conductor stops so much before the other's. */
    case EndsShortOf = 'ends-short-of';
    /** Their middles agree within so much. */
    case CentredOn = 'centred-on';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
