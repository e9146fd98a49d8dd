<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;

/** How finely a mark is set: the steps of a tape, a rule or a caliper, in millimetres or in parts of an inch. */
enum Graduation
{
    /** A tape's millimetres, and the middle between two. */
    case HalfMillimetre;
    case TenthMillimetre;
    case TwentiethMillimetre;
    case HundredthMillimetre;
    case Sixteenth;
    case ThirtySecond;
    case SixtyFourth;
    case ThousandthInch;

    /** @return non-empty-list<self> of a unit, the coarsest first */
    public static function of(LengthUnit $unit): array
    {
        return match ($unit) {
            LengthUnit::Millimetre => [self::HalfMillimetre, self::TenthMillimetre, self::TwentiethMillimetre, self::HundredthMillimetre],
            LengthUnit::Inch => [self::Sixteenth, self::ThirtySecond, self::SixtyFourth, self::ThousandthInch],
        };
    }

    public function step(): Length
    {
        return match ($this) {
            self::HalfMillimetre => Length::ofMicrometres(500),
            self::TenthMillimetre => Length::ofMicrometres(100),
            self::TwentiethMillimetre => Length::ofMicrometres(50),
            self::HundredthMillimetre => Length::ofMicrometres(10),
            self::Sixteenth => Length::ofSixtyFourths(4),
            self::ThirtySecond => Length::ofSixtyFourths(2),
            self::SixtyFourth => Length::ofSixtyFourths(1),
            self::ThousandthInch => Length::ofMils(1),
        };
    }

    /** What sets it; null: any tape. */
    public function needs(): ?Instrument
    {
        return match ($this) {
            self::HalfMillimetre, self::Sixteenth, self::ThirtySecond => null,
            self::SixtyFourth => Instrument::SteelRule,
            self::TenthMillimetre, self::TwentiethMillimetre, self::HundredthMillimetre, self::ThousandthInch => Instrument::Caliper,
        };
    }

    /** Enough of its marks lie inside: one to aim at, and others to stay within. Of coarse parts of an inch that takes three. */
    public function settles(Range $window): bool
    {
        $steps = self::Sixteenth === $this || self::ThirtySecond === $this ? 2 : 1;

        return null === $window->min
            || null === $window->max
            || $this->above($window->min)->plus($this->step()->times($steps))->isAtMost($this->below($window->max));
    }

    /** Its mark nearest to a length that lies inside. */
    public function nearest(Length $length, Range $window): Length
    {
        $nearest = $this->rounded($length, Rounding::Nearest);

        return match (true) {
            null !== $window->min && $nearest->isLessThan($window->min) => $this->above($window->min),
            null !== $window->max && $window->max->isLessThan($nearest) => $this->below($window->max),
            default => $nearest,
        };
    }

    public function above(Length $length): Length
    {
        return $this->rounded($length, Rounding::Up);
    }

    public function below(Length $length): Length
    {
        return $this->rounded($length, Rounding::Down);
    }

    /** One of its marks, as the instrument shows it. */
    public function say(Length $mark): string
    {
        return match ($this) {
            self::HalfMillimetre, self::TenthMillimetre, self::TwentiethMillimetre,
            self::HundredthMillimetre => LengthFormat::millimetres($mark, 2),
            self::Sixteenth, self::ThirtySecond, self::SixtyFourth => LengthFormat::inchFraction($mark, 64),
            self::ThousandthInch => LengthFormat::inches($mark),
        };
    }

    private function rounded(Length $length, Rounding $rounding): Length
    {
        return $this->step()->times($rounding->divide($length->nanometres, $this->step()->nanometres));
    }
}
