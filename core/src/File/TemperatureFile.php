<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Quantity\Temperature;

/** Temperatures in open files: text with its unit, "12 °C". */
final class TemperatureFile
{
    public static function read(Fields $file, string $key): ?Temperature
    {
        return $file->has($key) ? $file->parsed($key, Temperature::parseWithUnit(...), Temperature::ofCelsius(20)) : null;
    }
}
