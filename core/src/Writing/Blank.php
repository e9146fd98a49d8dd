<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/** What nobody has said yet: an empty field, or a sign in a formula that stands where a length will. */
final class Blank
{
    public const SIGN = '…';

    /** Lengths as formulas have them: "1 1/4 in", "5,5 mm", "875 mil". */
    private const LENGTH = '/"[^"]*"(*SKIP)(*F)|(?<![\w.])(\d+(?: +|-)\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)\s*(mm|in|mil)(?![\w²2])/u';

    public static function isAt(mixed $value): bool
    {
        return '' === $value || [] === $value || \is_string($value) && str_contains($value, self::SIGN);
    }

    /** A formula without its lengths. Nothing and less than a millimetre stay: they are a rule's or a knife's, not a leaflet's. */
    public static function inFormula(string $formula): string
    {
        $blanked = (string) preg_replace_callback(self::LENGTH, static function (array $match): string {
            [$all, $number, $unit] = $match;
            $isSmall = 'mm' === $unit && (float) str_replace(',', '.', $number) < 1.0;

            return $isSmall ? $all : self::SIGN;
        }, $formula);

        return 1 === preg_match('/\A-?\s*'.self::SIGN.'\z/u', $blanked) ? '' : $blanked;
    }
}
