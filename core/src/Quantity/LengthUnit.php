<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** The two units people measure in; one millimetre is 10^6 nm and one inch exactly 25.4 mm (ISO 31-1, 1959 agreement). */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    public function nanometres(): int
    {
        return match ($this) {
            self::Millimetre => 1_000_000,
            self::Inch => 25_400_000,
        };
    }
}
