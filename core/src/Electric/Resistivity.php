<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Conductor\ConductorMaterial;

/** What a metal resists by itself. */
final class Resistivity
{
    /** At 20 °C, in Ω·mm²/km. Source: IEC 60028 (annealed copper), IEC 60889 (hard-drawn aluminium), from memory. */
    public static function of(ConductorMaterial $material): float
    {
        return ConductorMaterial::Copper === $material ? 17.241 : 28.264;
    }

    /** In Ω/km. @param float $area in mm² */
    public static function perKilometre(ConductorMaterial $material, float $area, float $celsius): float
    {
        return Core::resistanceAt(self::of($material) / $area, $material, $celsius);
    }
}
