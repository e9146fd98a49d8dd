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
     * Reads "12", "-3,5 °C", "54 F".
     *
     * @param TemperatureUnit $bare the unit of a number typed without one
     *
     * @throws UnreadableTemperature
     */
    public static function parse(string $text, TemperatureUnit $bare): self
    {
        if (1 !== preg_match('/\A\s*([-−+]?\d{1,3}(?:[.,]\d{1,2})?)\s*(?:°\s*)?([cf])?\s*\z/iu', $text, $parts)) {
            throw UnreadableTemperature::of($text);
        }
        $number = (float) strtr($parts[1], ['−' => '-', ',' => '.']);
        $unit = isset($parts[2]) ? TemperatureUnit::from(strtoupper($parts[2])) : $bare;
        $celsius = TemperatureUnit::Celsius === $unit ? $number : ($number - 32) / 1.8;

        return $celsius >= -60 && $celsius <= 90 ? new self(strtr($parts[1], ',', '.').' °'.$unit->value, $celsius) : throw UnreadableTemperature::outOfRange($text);
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
