<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Rounding;

/** Extruded cables for 6 to 30 kV: thicknesses, and the fictitious diameters that they are taken from. */
final class Iec60502
{
    /** XLPE by Um in volts, from 50 mm² up. Source: IEC 60502-2 table 6, and 6.35/11 kV as BS 6622; values from memory. */
    private const XLPE_MICROMETRES = [12_000 => 3400, 17_500 => 4500, 24_000 => 5500, 36_000 => 8000];

    /** For 7.2 kV the thickness grows with the conductor. Source: IEC 60502-2 table 6, values from memory. */
    private const XLPE_7_2_KV = [185 => 2500, 240 => 2600, 300 => 2800, 400 => 3000, 1600 => 3200];

    public static function insulationThickness(int $highestVolts, int $squareMillimetres): Length
    {
        if (7_200 === $highestVolts) {
            foreach (self::XLPE_7_2_KV as $upTo => $thickness) {
                if ($squareMillimetres <= $upTo) {
                    return Length::ofMicrometres($thickness);
                }
            }
        }

        return Length::ofMicrometres(self::XLPE_MICROMETRES[$highestVolts] ?? throw NotInStandard::size($highestVolts.' V', 'IEC 60502-2 table 6'));
    }

    /** The least thickness at any point: 0.9 tn - 0.1 mm. Source: IEC 60502-2, clause on insulation thickness. */
    public static function leastInsulation(Length $nominal): Length
    {
        return $nominal->times(9)->dividedBy(10, Rounding::Nearest)->minus(Length::ofMicrometres(100));
    }

    /** The least oversheath over a smooth core: 0.85 tn - 0.1 mm. Source: IEC 60502-2, clause on the oversheath of unarmoured cables. */
    public static function leastOversheath(Length $nominal): Length
    {
        return $nominal->times(85)->dividedBy(100, Rounding::Nearest)->minus(Length::ofMicrometres(100));
    }

    /** dL = sqrt(4 S / pi), to 0.1 mm. Source: IEC 60502-2 table A.1. */
    public static function fictitiousConductor(int $squareMillimetres): Length
    {
        return self::toTenth(Length::nearestToMillimetres(sqrt(4 * $squareMillimetres / \M_PI)));
    }

    /** Dc = dL + 2 ti + 3.0 mm for a screened core. Source: IEC 60502-2 A.2.2. */
    public static function fictitiousCore(int $squareMillimetres, Length $insulation): Length
    {
        return self::toTenth(self::fictitiousConductor($squareMillimetres)->plus($insulation->times(2))->plus(Length::ofMillimetres(3)));
    }

    /** 0.035 D + 1.0 mm, to 0.1 mm, at least 1.4 mm on a single core. Source: IEC 60502-2, clause on the oversheath. */
    public static function oversheathThickness(Length $fictitiousUnder): Length
    {
        $byFormula = self::toTenth($fictitiousUnder->times(35)->dividedBy(1000, Rounding::Nearest)->plus(Length::ofMillimetres(1)));

        return Length::largest($byFormula, Length::ofMicrometres(1400));
    }

    /** Every step is rounded to 0.1 mm, half up. Source: IEC 60502-2 Annex B. */
    private static function toTenth(Length $length): Length
    {
        $tenth = intdiv(LengthUnit::Millimetre->nanometres(), 10);

        return Length::ofNanometres(Rounding::Nearest->divide($length->nanometres, $tenth) * $tenth);
    }
}
