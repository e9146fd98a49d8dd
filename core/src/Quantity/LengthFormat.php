<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** Writes lengths for people. This is where a length is rounded, and nowhere before. */
final class LengthFormat
{
    /** "44.5", all the decimals there are and no more. */
    public static function exactMillimetres(Length $length): string
    {
        return self::decimals($length->nanometres, 6);
    }

    /** Rounded to $decimals places of a millimetre, trailing zeros dropped: "57", "57.5". */
    public static function millimetres(Length $length, int $decimals = 1): string
    {
        return self::decimals(Rounding::Nearest->divide($length->nanometres, 10 ** (6 - $decimals)), $decimals);
    }

    /** Rounded to $decimals places of an inch, zeros kept as calipers show them: "0.875". */
    public static function inches(Length $length, int $decimals = 3): string
    {
        $scaled = Rounding::Nearest->divide($length->nanometres * 10 ** $decimals, LengthUnit::Inch->nanometres());

        return ($scaled < 0 ? '-' : '').intdiv(abs($scaled), 10 ** $decimals).'.'.str_pad(
            (string) (abs($scaled) % 10 ** $decimals), $decimals, '0', \STR_PAD_LEFT,
        );
    }

    /** As a tape shows it: "2 1/4", "13 1/2", "7/16", in lowest terms. @param int<1, 64> $parts 16, 32 or 64 */
    public static function inchFraction(Length $length, int $parts, Rounding $rounding = Rounding::Nearest): string
    {
        $count = $rounding->divide($length->nanometres * $parts, LengthUnit::Inch->nanometres());
        $whole = intdiv(abs($count), $parts);
        $upper = abs($count) % $parts;
        $sign = $count < 0 ? '-' : '';
        if (0 === $upper) {
            return $sign.$whole;
        }
        $lower = $parts;
        while (0 === $upper % 2) {
            $upper = intdiv($upper, 2);
            $lower = intdiv($lower, 2);
        }

        return $sign.(0 === $whole ? '' : $whole.' ').$upper.'/'.$lower;
    }

    private static function decimals(int $scaled, int $decimals): string
    {
        $digits = str_pad((string) abs($scaled), $decimals + 1, '0', \STR_PAD_LEFT);
        $whole = substr($digits, 0, \strlen($digits) - $decimals);
        $rest = rtrim(substr($digits, \strlen($digits) - $decimals), '0');

        return ($scaled < 0 ? '-' : '').$whole.('' === $rest ? '' : '.'.$rest);
    }
}
