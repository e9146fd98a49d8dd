<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

/** A Global Trade Item Number, in its 14-digit form. Source: GS1 General Specifications, sections 3.3 and 7.9 (check digit). */
final readonly class Gtin
{
    private function __construct(public string $digits)
    {
    }

    /** Reads GTIN-8, -12, -13 and -14. @throws UnreadableLabel */
    public static function parse(string $text): self
    {
        $plain = str_replace(' ', '', trim($text));
        if (1 !== preg_match('/\A(?:\d{8}|\d{12,14})\z/', $plain)) {
            throw UnreadableLabel::notANumber($text);
        }
        $expected = self::checkDigit(substr($plain, 0, -1));

        return $expected === (int) $plain[-1] ? new self(
            str_pad($plain, 14, '0', \STR_PAD_LEFT),
        ) : throw UnreadableLabel::checkDigit($plain, $expected);
    }

    /** Weights 3 and 1 by turns, from the right, to the next multiple of ten (GS1 General Specifications, section 7.9). */
    public static function checkDigit(string $digits): int
    {
        $sum = 0;
        foreach (str_split(strrev($digits)) as $i => $digit) {
            $sum += (int) $digit * (0 === $i % 2 ? 3 : 1);
        }

        return (10 - $sum % 10) % 10;
    }
}
