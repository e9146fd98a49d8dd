<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** Which part of the accessory a part lies on, and so from where its place is given. */
enum Side: string
{
    /**
     * Across the joint: its edge towards end A is given from the joint's centre, negative towards end A. On a termination, from the cable
     * end inwards.
     */
    case Across = 'across';
    /** One on each end: its nearer edge is given from the cable end inwards. */
    case EachEnd = 'each-end';
    case EndA = 'end-a';
    case EndB = 'end-b';
}
