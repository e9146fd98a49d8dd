<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** By how much one temperature lies above another. */
final readonly class TemperatureDifference
{
    private function __construct(public float $kelvins)
    {
    }

    public static function ofKelvins(float $kelvins): self
    {
        return new self($kelvins);
    }

    /** "2.9 K", or "5.2 °F" beside degrees Fahrenheit: 1 K is 1.8 of them. */
    public function say(TemperatureUnit $unit): string
    {
        [$value, $symbol] = TemperatureUnit::Celsius === $unit ? [$this->kelvins, 'K'] : [$this->kelvins * 1.8, '°F'];

        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.').' '.$symbol;
    }
}
