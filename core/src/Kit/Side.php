<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;

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

    public function isOn(End $end): bool
    {
        return match ($this) {
            self::Across, self::EachEnd => true,
            self::EndA => End::A === $end,
            self::EndB => End::B === $end,
        };
    }
}
