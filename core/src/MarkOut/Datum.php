<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

/** Where a mark is measured from. */
enum Datum: string
{
    /** The end of the cut conductor: marks are planned from here, so that errors do not add up. */
    case CableEnd = 'cable-end';
    case JointCentre = 'joint-centre';
    case OversheathCut = 'oversheath-cut';
    /** Centre of the hole in the lug's palm. */
    case LugHole = 'lug-hole';
}
