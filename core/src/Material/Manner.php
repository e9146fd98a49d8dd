<?php

declare(strict_types=1);

namespace Berm\Core\Material;

/** How a strip is wound. */
enum Manner: string
{
    /** Along the cable, each turn lapping the one before, and back again. */
    case Helix = 'helix';
    /** Upon itself, in one place. */
    case Roll = 'roll';
}
