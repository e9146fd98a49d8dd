<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** Where a diameter comes from. */
enum Basis: string
{
    /** Worked out from a standard's rule. */
    case Computed = 'computed';
    /** Taken from a datasheet or a drum label. */
    case Stated = 'stated';
    /** Read with an instrument on this cable. */
    case Measured = 'measured';
}
