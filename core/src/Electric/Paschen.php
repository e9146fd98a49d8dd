<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

/** What air between two electrodes withstands. */
final class Paschen
{
    /* Of air, per cm and Torr; the yield of the electrode is a mean of what is published (0.005 to 0.03). Source: Townsend; textbook. */
    private const A = 15.0;
    private const B = 365.0;
    private const YIELD = 0.01;
    private const ATMOSPHERE = 760.0;

    /**
     * Kilovolts, peak, at atmospheric pressure and room temperature: V = B pd / (ln(A pd) - ln ln(1 + 1/yield)).
     *
     * @param float $gap in mm; below 0.01 mm the law has no meaning, and the least that air withstands anywhere, 0.305 kV, is given
     */
    public static function breakdown(float $gap): float
    {
        $pressureByGap = max(self::ATMOSPHERE * $gap / 10, \M_E * log(1 + 1 / self::YIELD) / self::A);

        return self::B * $pressureByGap / (log(self::A * $pressureByGap) - log(log(1 + 1 / self::YIELD))) / 1000;
    }
}
