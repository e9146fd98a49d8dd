<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

final class UnreadableTemperature extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf('"%s" is not a temperature: type it as 12, -3.5 °C or 54 °F.', self::quoted($text)));
    }

    /** @internal */
    public static function missingUnit(string $number): self
    {
        return new self("\"$number\" has no unit: write $number °C or $number °F.");
    }

    /** @internal */
    public static function outOfRange(string $text): self
    {
        return new self(\sprintf(
            '"%s" is no weather to joint in: a temperature here lies between -60 °C and 90 °C, so check the unit.', self::quoted($text),
        ));
    }

    private static function quoted(string $text): string
    {
        return mb_strimwidth((string) preg_replace('/[^\P{C}]+/u', ' ', mb_scrub($text)), 0, 40, '…');
    }
}
