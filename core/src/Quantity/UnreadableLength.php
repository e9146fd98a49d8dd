<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

/** A text that is not a length. The message says what would be one. */
final class UnreadableLength extends \DomainException implements CoreError
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    /** @internal */
    public static function empty(): self
    {
        return new self('is empty: type a length, such as 12.5 mm or 1-3/4 in.');
    }

    /** @internal */
    public static function notALength(string $text): self
    {
        return new self(\sprintf('"%s" is not a length: type it as 12.5, 12,5 mm, 1-3/4 in or 875 mil.', self::quoted($text)));
    }

    /** @internal */
    public static function unknownUnit(string $unit): self
    {
        return new self(\sprintf('"%s" is not a unit of length known here: use mm, cm, m, in, ft or mil.', self::quoted($unit)));
    }

    /** @internal */
    public static function missingUnit(string $text): self
    {
        return new self(\sprintf('"%s" has no unit: write %s mm or %s in.', self::quoted($text), self::quoted($text), self::quoted($text)));
    }

    /** @internal */
    public static function negative(string $text): self
    {
        return new self(\sprintf('"%s" is negative: a length is measured from zero up.', self::quoted($text)));
    }

    /** @internal */
    public static function tooFine(string $text): self
    {
        return new self(\sprintf('"%s" is finer than a nanometre can hold: give fewer decimals.', self::quoted($text)));
    }

    /** @internal */
    public static function tooLong(string $text): self
    {
        return new self(\sprintf('"%s" is longer than 100 m: check the unit.', self::quoted($text)));
    }

    /** @internal */
    public static function twoSeparators(string $text): self
    {
        return new self(\sprintf(
            '"%s" could be read in two ways: write one decimal point or comma and no thousands separator.', self::quoted($text),
        ));
    }

    /** @internal */
    public static function noTolerance(string $text): self
    {
        return new self(\sprintf('"%s" does not say what a length may differ: write "± 1 mm" or "- 0 mm + 2 mm".', self::quoted($text)));
    }

    /** @internal */
    public static function twelveInches(string $text): self
    {
        return new self(\sprintf('"%s": beside feet there are fewer than 12 inches, as in 1 ft 3 in.', self::quoted($text)));
    }

    /** @internal */
    public static function zero(): self
    {
        return new self('is 0: type what the instrument says.');
    }

    /** @internal */
    public static function metricFraction(string $text): self
    {
        return new self(\sprintf(
            '"%s" is a fraction, and fractions are read in inches only: write %s in, or type millimetres with a decimal point.',
            self::quoted($text),
            self::quoted($text),
        ));
    }

    /** @internal */
    public static function badFraction(string $text): self
    {
        return new self(\sprintf(
            '"%s" is not an inch fraction: the lower number is 2, 4, 8, 16, 32 or 64 and the upper one is smaller, as in 1-3/4.',
            self::quoted($text),
        ));
    }

    private static function quoted(string $text): string
    {
        return mb_strimwidth((string) preg_replace('/[^\P{C}]+/u', ' ', mb_scrub($text)), 0, 40, '…');
    }
}
