<?php

declare(strict_types=1);

namespace App\Device;

/** The air where it lies: told as temperature and relative humidity, "14 71". */
final readonly class ThermoHygrometer implements StandIn
{
    public function read(string $before): array
    {
        if (1 !== preg_match('/\A\s*(-?\d{1,2}(?:\.\d)?)\s*(?:°C)?[\s,]+(\d{1,3})\s*%?\s*\z/u', $before, $air)) {
            throw new CannotRead('Say the air as temperature in °C and humidity in per cent: 14 71.');
        }

        return [
            'name' => 'Thermo-hygrometer', 'sentBy' => ['serial' => 'H-33'],
            'air' => ['air' => "$air[1] °C", 'humidity' => (int) $air[2]],
        ];
    }
}
