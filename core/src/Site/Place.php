<?php

declare(strict_types=1);

namespace Berm\Core\Site;

/** Where an accessory ends up. */
enum Place: string
{
    case Indoor = 'indoor';
    case Outdoor = 'outdoor';
    /** In the ground. */
    case Buried = 'buried';
    /** A manhole, a vault, a tunnel or a cable basement, which may stand under water. */
    case Chamber = 'chamber';

    public function label(): string
    {
        return match ($this) {
            self::Indoor => 'indoors',
            self::Outdoor => 'outdoors',
            self::Buried => 'buried',
            self::Chamber => 'in a chamber',
        };
    }
}
