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

    /** As a mark is said to be measured, in the reader's words. */
    public function label(): string
    {
        return match ($this) {
            self::CableEnd => 'the end of the cut conductor',
            self::JointCentre => 'the centre of the [joint]',
            self::OversheathCut => 'the cut of the [oversheath]',
            self::LugHole => 'the centre of the hole in the palm',
        };
    }
}
