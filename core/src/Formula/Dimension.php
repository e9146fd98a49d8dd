<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

/** What kind of thing a part of a formula is; adding a length to a number, or mm to mm², is refused by it. */
enum Dimension: string
{
    case Length = 'a length';
    case Area = 'an area';
    case Voltage = 'a voltage';
    case Number = 'a number';
    case Text = 'a text';
    case Truth = 'yes or no';

    /** Can be added, compared and scaled. */
    public function isMeasure(): bool
    {
        return match ($this) {
            self::Length, self::Area, self::Voltage, self::Number => true,
            self::Text, self::Truth => false,
        };
    }
}
