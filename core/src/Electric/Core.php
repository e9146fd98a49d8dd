<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Quantity\Length;

/** One screened core as a circuit element. */
final class Core
{
    /**
     * In µF/km: eps / (18 ln(Di / dc)).
     *
     * Source: IEC 60287-1-1, clause on dielectric losses, which gives it in F/m.
     *
     * @param Length $overInsulation without the insulation screen
     * @param Length $overScreen     over the conductor screen, or the conductor where there is none
     */
    public static function capacitance(float $permittivity, Length $overInsulation, Length $overScreen): float
    {
        return $permittivity / (18 * log($overInsulation->inMillimetres() / $overScreen->inMillimetres()));
    }

    /** Relative. Source: IEC 60287-1-1 table 3; varnished cambric is a handbook value, from memory. */
    public static function permittivity(InsulationMaterial $material): float
    {
        return match ($material) {
            InsulationMaterial::Xlpe, InsulationMaterial::TreeRetardantXlpe => 2.5,
            InsulationMaterial::Epr => 3.0,
            InsulationMaterial::Paper => 4.0,
            InsulationMaterial::VarnishedCambric => 5.0,
        };
    }

    /** R at $celsius = R20 (1 + alpha20 (t - 20)). Source: IEC 60287-1-1, clause on DC resistance, and its table 1. */
    public static function resistanceAt(float $resistanceAt20, ConductorMaterial $material, float $celsius): float
    {
        $alpha = ConductorMaterial::Copper === $material ? 0.00393 : 0.00403;

        return $resistanceAt20 * (1 + $alpha * ($celsius - 20));
    }

    /**
     * R at 20 °C from R at another temperature. Source: IEC 60228, clause on resistance: 254.5 / (234.5 + t) for copper, 248 / (228 + t)
     * for aluminium.
     */
    public static function resistanceAt20(float $resistance, ConductorMaterial $material, float $celsius): float
    {
        [$upper, $zero] = ConductorMaterial::Copper === $material ? [254.5, 234.5] : [248.0, 228.0];

        return $resistance * $upper / ($zero + $celsius);
    }
}
