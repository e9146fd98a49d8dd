<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;

/** A mark as an inch tape shows it: sixteenths, or finer where no sixteenth lies in the window. */
final readonly class InchMark
{
    private function __construct(public string $at, public string $from, public string $to)
    {
    }

    public static function of(Length $at, Range $window): self
    {
        foreach ([16, 32] as $parts) {
            if ($window->contains(self::nearest($at, $parts))) {
                return self::inParts($at, $window, $parts);
            }
        }

        return self::inParts($at, $window, 64);
    }

    /** The limits are rounded inwards: who keeps to them keeps to the window. */
    private static function inParts(Length $at, Range $window, int $parts): self
    {
        return new self(
            LengthFormat::inchFraction($at, $parts),
            LengthFormat::inchFraction($window->min ?? $at, max($parts, 32), Rounding::Up),
            LengthFormat::inchFraction($window->max ?? $at, max($parts, 32), Rounding::Down),
        );
    }

    private static function nearest(Length $at, int $parts): Length
    {
        return Length::ofNanometres(intdiv(Rounding::Nearest->divide($at->nanometres * $parts, LengthUnit::Inch->nanometres()) * LengthUnit::Inch->nanometres(), $parts));
    }
}
