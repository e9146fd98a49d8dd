<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

/** A number for people: no more digits than it is worth, and no noughts at its end. */
final class Say
{
    public static function number(float $number, int $digits): string
    {
        $text = number_format($number, $digits, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** To so many digits that count. */
    public static function counting(float $number, int $digits = 3): string
    {
        $before = 0.0 === $number ? 1 : (int) floor(log10(abs($number))) + 1;

        return self::number($number, max(0, $digits - $before));
    }
}
