<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** Extruded cables for 6 to 30 kV: the thicknesses that the standard gives, and its rules for the least of them. */
final class Iec60502
{
    /**
     * By Um in volts, XLPE and EPR alike. Source: IEC 60502-2 tables 6 and 7; 6.35/11 and 12.7/22 kV as BS 6622 and BS 7870; values from
     * memory.
     */
    private const INSULATION_MICROMETRES = [12_000 => 3400, 17_500 => 4500, 24_000 => 5500, 36_000 => 8000];

    /** For 7.2 kV, screened, the thickness grows with the conductor. Source: IEC 60502-2 tables 6 and 7, values from memory. */
    private const INSULATION_7_2_KV = [185 => 2500, 240 => 2600, 300 => 2800, 400 => 3000, 1600 => 3200];

    /** The smallest conductor by Um in volts. Source: IEC 60502-2 table 6, values from memory. */
    private const SMALLEST = [7_200 => 10, 12_000 => 16, 17_500 => 25, 24_000 => 35, 36_000 => 50];

    /** Over the fictitious diameter in mm, up to [mm => thickness in tenths]. Source: IEC 60502-2 table 8, values from memory. */
    private const INNER_COVERING = [25 => 10, 35 => 12, 45 => 14, 60 => 16, 80 => 18, 1000 => 20];

    /** Round armour wire in hundredths of a millimetre. Source: IEC 60502-2 table 9, values from memory. */
    private const ARMOUR_WIRE = [10 => 80, 15 => 125, 25 => 160, 35 => 200, 60 => 250, 1000 => 315];

    /** Steel armour tape in tenths of a millimetre. Source: IEC 60502-2 table 10, values from memory. */
    private const ARMOUR_TAPE = [30 => 2, 70 => 5, 1000 => 8];

    public static function isGivenFor(int $highestVolts, int $squareMillimetres): bool
    {
        return isset(self::SMALLEST[$highestVolts]) && $squareMillimetres >= self::SMALLEST[$highestVolts];
    }

    public static function insulationThickness(int $highestVolts, int $squareMillimetres): Length
    {
        if (!self::isGivenFor($highestVolts, $squareMillimetres)) {
            throw NotInStandard::size(
                isset(self::SMALLEST[$highestVolts]) ? "$squareMillimetres mm² at $highestVolts V" : "$highestVolts V",
                'IEC 60502-2 table 6',
            );
        }
        foreach (7_200 === $highestVolts ? self::INSULATION_7_2_KV : [] as $upTo => $thickness) {
            if ($squareMillimetres <= $upTo) {
                return Length::ofMicrometres($thickness);
            }
        }

        return Length::ofMicrometres(self::INSULATION_MICROMETRES[$highestVolts] ?? 3200);
    }

    /** The least thickness at any point: 0.9 tn - 0.1 mm. Source: IEC 60502-2, clause on insulation thickness. */
    public static function leastInsulation(Length $nominal): Length
    {
        return self::share($nominal, 90)->minus(Length::ofMicrometres(100));
    }

    /** (tmax - tmin) / tmax at one section may be at most this. Source: IEC 60502-2, clause on insulation thickness. */
    public static function greatestEccentricity(): float
    {
        return 0.15;
    }

    /**
     * The least oversheath over a smooth core: 0.85 tn - 0.1 mm; over armour or a lay of cores: 0.80 tn - 0.2 mm. Source: IEC 60502-2,
     * clause on the oversheath.
     */
    public static function leastOversheath(Length $nominal, bool $isOverSmooth = true): Length
    {
        return $isOverSmooth ? self::share($nominal, 85)->minus(Length::ofMicrometres(100)) : self::leastCovering($nominal);
    }

    /** The least separation sheath: 0.80 tn - 0.2 mm. Source: IEC 60502-2, clause on the separation sheath. */
    public static function leastCovering(Length $nominal): Length
    {
        return self::share($nominal, 80)->minus(Length::ofMicrometres(200));
    }

    public static function innerCovering(Length $fictitiousUnder): Length
    {
        return Length::ofMicrometres(100 * self::row(self::INNER_COVERING, $fictitiousUnder));
    }

    public static function armourWire(Length $fictitiousUnder): Length
    {
        return Length::ofMicrometres(10 * self::row(self::ARMOUR_WIRE, $fictitiousUnder));
    }

    public static function armourTape(Length $fictitiousUnder): Length
    {
        return Length::ofMicrometres(100 * self::row(self::ARMOUR_TAPE, $fictitiousUnder));
    }

    /** @param array<int, int> $table by the diameter in mm up to which a row holds */
    private static function row(array $table, Length $diameter): int
    {
        foreach ($table as $upTo => $value) {
            if ($diameter->isAtMost(Length::ofMillimetres($upTo))) {
                return $value;
            }
        }
        throw NotInStandard::size($diameter->toText(), 'IEC 60502-2');
    }

    private static function share(Length $of, int $percent): Length
    {
        return $of->times($percent)->dividedBy(100, Rounding::Nearest);
    }
}
