<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A temperature, kept as it was typed. */
final readonly class Temperature
{
    private function __construct(/** With its unit: "12 °C", "54 °F". */ public string $text, public float $celsius)
    {
    }

    /**
     * Reads "12", "-3,5 °C", "54 F", "12 ℃".
     *
     * @param TemperatureUnit|null $bare the unit of a number typed without one; null: it may not be left out
     *
     * @throws UnreadableTemperature
     */
    public static function parse(string $text, ?TemperatureUnit $bare): self
    {
        $plain = strtr(
            $text, ['℃' => '°C', '℉' => '°F', "\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ', '−' => '-', '–' => '-', 'º' => '°'],
        );
        if (1 !== preg_match('/\A\s*([-+]?\d{1,3}(?:[.,]\d{1,2})?)\s*(?:°\s*)?([cf])?\s*\z/iu', $plain, $parts)) {
            throw UnreadableTemperature::of($text);
        }
        $unit = isset($parts[2])
            ? TemperatureUnit::from(strtoupper($parts[2]))
            : $bare ?? throw UnreadableTemperature::missingUnit($parts[1]);
        $number = (float) strtr($parts[1], ',', '.');
        $celsius = TemperatureUnit::Celsius === $unit ? $number : ($number - 32) / 1.8;

        return $celsius >= -60 && $celsius <= 90 ? new self(
            strtr($parts[1], ',', '.').' °'.$unit->value, $celsius,
        ) : throw UnreadableTemperature::outOfRange($text);
    }

    /** As open files have it: 12 is warm in one world and frost in the other. @throws UnreadableTemperature */
    public static function parseWithUnit(string $text): self
    {
        return self::parse($text, null);
    }

    public static function ofCelsius(float $celsius): self
    {
        return new self(self::say($celsius, TemperatureUnit::Celsius), $celsius);
    }

    /** "12.5 °C". */
    public static function say(float $celsius, TemperatureUnit $unit): string
    {
        $value = TemperatureUnit::Celsius === $unit ? $celsius : $celsius * 1.8 + 32;

        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.').' °'.$unit->value;
    }
}
