<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

/** What can be wrong with a sheet in some corner. */
enum Fault: string
{
    /** A rule is not proved there. */
    case NotProved = 'not-proved';
    /** An item ends before it begins. */
    case Backwards = 'backwards';
    case CannotBePlanned = 'cannot-be-planned';
    case DoesNotFit = 'does-not-fit';
    /** A check's own limits refuse what the plan makes. */
    case CheckRefuses = 'check-refuses';
    case BoxIsShort = 'box-is-short';
    case NoRoom = 'no-room';
    /** No cable of the standards is taken by a size. */
    case NoCable = 'no-cable';
    /** Two sizes take the very same. */
    case SizesAlike = 'sizes-alike';
    /** A dimension or a piece of stock that nothing uses. */
    case Unused = 'unused';
}
