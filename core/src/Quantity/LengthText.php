<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/**
 * Reads lengths as people write them. Total: a value or a clear error, never a guess.
 *
 * cases/length-texts.json holds what it must agree on with the browser's reader.
 *
 * @internal use Length::parse()
 */
final class LengthText
{
    private const LONGEST_NANOMETRES = 100_000_000_000;
    private const UNITS = [
        'mm' => 1_000_000, 'millimetre' => 1_000_000, 'millimetres' => 1_000_000, 'millimeter' => 1_000_000, 'millimeters' => 1_000_000,
        'cm' => 10_000_000, 'm' => 1_000_000_000,
        'in' => 25_400_000, 'inch' => 25_400_000, 'inches' => 25_400_000, '"' => 25_400_000, '″' => 25_400_000, '”' => 25_400_000,
        "''" => 25_400_000,
        'ft' => 304_800_000, 'foot' => 304_800_000, 'feet' => 304_800_000, "'" => 304_800_000, '′' => 304_800_000,
        'mil' => 25_400, 'mils' => 25_400, 'thou' => 25_400,
    ];

    /** One sign for each of the signs that keyboards, drawings and documents put for it. */
    private const PLAIN = [
        '/(?<=\d)(?=[¼½¾⅛⅜⅝⅞])/u' => ' ', '/¼/u' => '1/4', '/½/u' => '1/2', '/¾/u' => '3/4',
        '/⅛/u' => '1/8', '/⅜/u' => '3/8', '/⅝/u' => '5/8', '/⅞/u' => '7/8',
        '~[⁄∕]~u' => '/', '/[‐‑‒–−]/u' => '-', '/[\x{00A0}\x{2000}-\x{200A}\x{202F}\x{205F}\x{3000}]/u' => ' ',
    ];

    /** @throws UnreadableLength */
    public static function read(string $text, ?LengthUnit $bare): Length
    {
        $plain = preg_replace(array_keys(self::PLAIN), array_values(self::PLAIN), $text) ?? throw UnreadableLength::notALength($text);
        $nanometres = self::feetAndInches($plain, $text) ?? self::oneNumber($plain, $bare, $text);
        if ($nanometres > self::LONGEST_NANOMETRES) {
            throw UnreadableLength::tooLong($text);
        }

        return Length::ofNanometres($nanometres);
    }

    /** "1 ft 3 in", "1' 3 1/2\"", "1'-3\"": whole feet, and fewer than twelve inches. */
    private static function feetAndInches(string $plain, string $text): ?int
    {
        if (1 !== preg_match(
            '~\A\s*(\d{1,3})\s*(?:ft|feet|foot|\'|′)\s*-?\s*([\d.,\s/-]+?)\s*(?:in|inch|inches|"|″|”|\'\')?\s*\z~iu', $plain, $parts,
        )) {
            return null;
        }
        $inches = self::number($parts[2], self::UNITS['in'], $text);

        return $inches < self::UNITS['ft'] ? (int) $parts[1] * self::UNITS['ft'] + $inches : throw UnreadableLength::twelveInches($text);
    }

    private static function oneNumber(string $plain, ?LengthUnit $bare, string $text): int
    {
        // \z and not $, which would let a trailing newline through; the number is split from the unit at the first letter or quote.
        if (1 !== preg_match('/\A\s*([-+]?[\d.,\s\/-]*?)\s*([^\d\s.,\/-][^\d]*?)?\s*\z/u', $plain, $parts)) {
            throw UnreadableLength::notALength($text);
        }
        $unit = $parts[2] ?? '';
        if ('' === $parts[1]) {
            throw '' === $unit ? UnreadableLength::empty() : UnreadableLength::notALength($text);
        }

        return self::number($parts[1], self::unit($unit, $bare, $parts[1]), $text);
    }

    private static function unit(string $unit, ?LengthUnit $bare, string $number): int
    {
        if ('' === $unit) {
            return $bare?->nanometres() ?? throw UnreadableLength::missingUnit($number);
        }

        return self::UNITS[mb_strtolower($unit)] ?? throw UnreadableLength::unknownUnit($unit);
    }

    private static function number(string $number, int $unit, string $text): int
    {
        if (1 === preg_match('/\A-\s*[\d.,]/', $number)) {
            throw UnreadableLength::negative($text);
        }
        if (1 === preg_match('/\A(?:(\d{1,6})(?:\s*-\s*|\s+))?(\d{1,3})\s*\/\s*(\d{1,3})\z/', $number, $parts)) {
            return self::fraction((int) $parts[1], (int) $parts[2], (int) $parts[3], $unit, $text);
        }
        // "1,234" is 1.234 to one reader and 1234 to another.
        if (1 === preg_match('/[.,].*[.,]|\A[1-9]\d{0,2},\d{3}\z/', $number)) {
            throw UnreadableLength::twoSeparators($text);
        }
        if (1 !== preg_match('/\A\+?(?=[\d.,]*\d)(\d*)(?:[.,](\d*))?\z/', $number, $parts)) {
            throw UnreadableLength::notALength($text);
        }

        return self::decimal($parts[1], rtrim($parts[2] ?? '', '0'), $unit, $text);
    }

    private static function fraction(int $whole, int $upper, int $lower, int $unit, string $text): int
    {
        if (25_400_000 !== $unit && 304_800_000 !== $unit) {
            throw UnreadableLength::metricFraction($text);
        }
        if (!\in_array($lower, [2, 4, 8, 16, 32, 64], true) || $upper >= $lower || 0 === $upper) {
            throw UnreadableLength::badFraction($text);
        }

        return $whole * $unit + intdiv($upper * $unit, $lower);
    }

    private static function decimal(string $whole, string $decimals, int $unit, string $text): int
    {
        if (\strlen(ltrim($whole, '0')) > 8) {
            throw UnreadableLength::tooLong($text);
        }
        if (\strlen($decimals) > 9) {
            throw UnreadableLength::tooFine($text);
        }
        $scale = 10 ** \strlen($decimals);
        $scaled = (int) $decimals * $unit;
        if (0 !== $scaled % $scale) {
            throw UnreadableLength::tooFine($text);
        }

        return (int) $whole * $unit + intdiv($scaled, $scale);
    }
}
