<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\CoreError;

final class UnreadableVoltage extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf(
            '"%s" is not a rated voltage: write 6.35/11 (12) kV, 12/20 kV, or a class such as 15 kV.', self::cut($text),
        ));
    }

    /** @internal */
    public static function parts(string $text): self
    {
        return new self(\sprintf(
            '"%s" does not agree in itself: the voltage between phases is 1.73 times that to earth, as in 6.35/11 (12) kV.',
            self::cut($text),
        ));
    }

    /** @internal */
    public static function highest(string $text, string $standard): self
    {
        return new self(\sprintf(
            '"%s" does not agree in itself: the highest voltage that goes with it is %s kV.', self::cut($text), $standard,
        ));
    }

    /** @internal */
    public static function notInSeries(string $text): self
    {
        return new self(\sprintf(
            '"%s" is in no usual series: write it in full, such as 6.35/11 (12) kV, or a class such as 15 kV.', self::cut($text),
        ));
    }

    /** @internal */
    public static function twoWays(string $text, string $ways): self
    {
        return new self(\sprintf('"%s" can be read in two ways: write %s.', self::cut($text), $ways));
    }

    /** @internal */
    public static function classOnMetric(string $label): self
    {
        return new self(
            "\"$label\" can be read in two ways on a conductor in mm²: write 8.7/15 (17.5) kV where 15 kV is the voltage between phases.",
        );
    }

    private static function cut(string $text): string
    {
        return mb_strimwidth(mb_scrub($text), 0, 40, '…');
    }
}
