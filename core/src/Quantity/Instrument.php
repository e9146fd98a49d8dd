<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** What a length was read with. The uncertainties are common practice for a healthy instrument in a trained hand. */
enum Instrument: string
{
    case Tape = 'tape';
    case SteelRule = 'steel-rule';
    case Caliper = 'caliper';
    case DiameterTape = 'diameter-tape';

    public function uncertainty(): Length
    {
        return match ($this) {
            self::Tape => Length::ofMicrometres(1000),
            self::SteelRule => Length::ofMicrometres(500),
            self::Caliper => Length::ofMicrometres(50),
            self::DiameterTape => Length::ofMicrometres(100),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Tape => 'tape',
            self::SteelRule => 'steel rule',
            self::Caliper => 'caliper',
            self::DiameterTape => 'diameter tape',
        };
    }
}
