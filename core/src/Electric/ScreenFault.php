<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Conductor\ConductorMaterial;

/** What a screen, a braid or a mesh carries while a fault lasts. */
final class ScreenFault
{
    /**
     * Kiloamperes for a time in seconds, heated from one temperature to another (°C) with none of the heat leaving it.
     *
     * Source: IEC 60949, adiabatic formula: I²t = K² S² ln((θf + β) / (θi + β)); constants of its table I, from memory.
     *
     * @param float $area in mm²
     */
    public static function current(ConductorMaterial $material, float $area, float $seconds, float $from, float $to): float
    {
        [$constant, $beta] = ConductorMaterial::Copper === $material ? [226.0, 234.5] : [148.0, 228.0];

        return $constant * $area * sqrt(log(($to + $beta) / ($from + $beta)) / $seconds) / 1000;
    }
}
