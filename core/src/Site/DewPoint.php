<?php

declare(strict_types=1);

namespace Berm\Core\Site;

/** The temperature at which a surface begins to sweat. */
final class DewPoint
{
    private const A = 17.625;
    private const B = 243.04;

    /**
     * In °C, over water, for air from -45 °C to 60 °C.
     *
     * Source: Magnus form with the constants of Alduchov and Eskridge (1996), good to 0.1 K.
     *
     * @param float $humidity relative, in per cent, above 0 to 100
     */
    public static function of(float $airCelsius, float $humidity): float
    {
        $gamma = log($humidity / 100) + self::A * $airCelsius / (self::B + $airCelsius);

        return self::B * $gamma / (self::A - $gamma);
    }
}
