<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Site\Weather;

/** The air at the place of work: {"air": "12 °C", "humidity": 70}. */
final class WeatherFile
{
    public static function read(Fields $file): Weather
    {
        return Weather::of(TemperatureFile::read($file, 'air'), $file->has('humidity') ? $file->integer('humidity', 1, 100) : null);
    }

    /** @return array<string, mixed> */
    public static function write(Weather $weather): array
    {
        return array_filter(
            ['air' => $weather->air?->text, 'humidity' => $weather->humidity], static fn (mixed $value): bool => null !== $value,
        );
    }
}
