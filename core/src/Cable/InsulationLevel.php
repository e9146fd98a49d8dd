<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/**
 * How much insulation for the system's earthing. Source: ICEA S-97-682 and NEC article 315: 100 % clears at once, 133 % within an hour, 173
 * % later.
 */
enum InsulationLevel: int
{
    case Percent100 = 100;
    case Percent133 = 133;
    case Percent173 = 173;
}
