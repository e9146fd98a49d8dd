<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** How many insulated conductors lie in one cable. */
enum Cores: int
{
    case One = 1;
    case Three = 3;

    public function label(): string
    {
        return match ($this) {
            self::One => 'one core',
            self::Three => 'three cores',
        };
    }
}
