<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Quantity\Length;

/** North American conductors: sizes, strandings and their diameters. */
final class Astm
{
    /**
     * [wires, solid, compact, compressed, concentric] in tenths of a mil. Source: ASTM B8 and B231 (class B and compressed), B496 and B400
     * (compact),
     * B258 (solid), as in the conductor tables of ICEA S-93-639 and NEC chapter 9; values from memory; 450, 550 and 650 kcmil compact
     * likely.
     */
    private const DIAMETERS = [
        '8 AWG' => [7, 1285, 1340, 1410, 1460], '6 AWG' => [7, 1620, 1690, 1780, 1840], '4 AWG' => [7, 2043, 2130, 2250, 2320],
        '3 AWG' => [7, 2294, 2380, 2520, 2600],
        '2 AWG' => [7, 2576, 2680, 2830, 2920], '1 AWG' => [19, 2893, 2990, 3220, 3320], '1/0 AWG' => [19, 3249, 3360, 3620, 3730],
        '2/0 AWG' => [19, 3648, 3760, 4060, 4190],
        '3/0 AWG' => [19, 4096, 4230, 4560, 4700], '4/0 AWG' => [19, 4600, 4750, 5120, 5280], '250 kcmil' => [37, 5000, 5200, 5580, 5750],
        '300 kcmil' => [37, 5477, 5700, 6110, 6300],
        '350 kcmil' => [37, 5916, 6160, 6610, 6810], '400 kcmil' => [37, 6325, 6590, 7060, 7280],
        '450 kcmil' => [37, 6708, 7000, 7490, 7720], '500 kcmil' => [37, 7071, 7360, 7890, 8130],
        '550 kcmil' => [61, null, 7750, 8290, 8550], '600 kcmil' => [61, null, 8130, 8660, 8930],
        '650 kcmil' => [61, null, 8450, 9010, 9290], '700 kcmil' => [61, null, 8770, 9350, 9640],
        '750 kcmil' => [61, null, 9080, 9680, 9980], '800 kcmil' => [61, null, 9380, 10000, 10300],
        '900 kcmil' => [61, null, 9990, 10610, 10940], '1000 kcmil' => [61, null, 10600, 11170, 11520],
    ];

    /** Ω per 1000 ft at 75 °C: [uncoated copper, aluminium]. Source: NEC chapter 9 table 8, values from memory. */
    private const RESISTANCE = [
        '8 AWG' => [0.778, 1.28], '6 AWG' => [0.491, 0.808], '4 AWG' => [0.308, 0.508], '3 AWG' => [0.245, 0.403],
        '2 AWG' => [0.194, 0.319], '1 AWG' => [0.154, 0.253],
        '1/0 AWG' => [0.122, 0.201], '2/0 AWG' => [0.0967, 0.159], '3/0 AWG' => [0.0766, 0.126], '4/0 AWG' => [0.0608, 0.1],
        '250 kcmil' => [0.0515, 0.0847],
        '300 kcmil' => [0.0429, 0.0707], '350 kcmil' => [0.0367, 0.0605], '400 kcmil' => [0.0321, 0.0529], '500 kcmil' => [0.0258, 0.0424],
        '600 kcmil' => [0.0214, 0.0353],
        '700 kcmil' => [0.0184, 0.0303], '750 kcmil' => [0.0171, 0.0282], '800 kcmil' => [0.0161, 0.0265], '900 kcmil' => [0.0143, 0.0235],
        '1000 kcmil' => [0.0129, 0.0212],
    ];

    /** @return list<string> */
    public static function sizes(): array
    {
        return array_keys(self::DIAMETERS);
    }

    public static function wires(string $size): int
    {
        return self::row($size)[0];
    }

    public static function diameter(string $size, ConductorShape $shape): Length
    {
        $tenths = self::row($size)[match ($shape) {
            ConductorShape::Solid => 1,
            ConductorShape::Compacted => 2,
            ConductorShape::Compressed => 3,
            ConductorShape::Stranded => 4,
            ConductorShape::Sector => throw NotInStandard::size('a sector-shaped conductor', 'ASTM B8 and B231'),
        }] ?? throw NotInStandard::size("$size, {$shape->value}", 'ASTM B258');

        return Length::ofNanometres($tenths * 2_540);
    }

    /** In Ω/km at 75 °C. Source: NEC chapter 9 table 8; 1 Ω per 1000 ft is 3.28084 Ω/km. */
    public static function resistanceAt75(string $size, ConductorMaterial $material): float
    {
        $row = self::RESISTANCE[$size] ?? throw NotInStandard::size($size, 'NEC chapter 9 table 8');

        return $row[ConductorMaterial::Copper === $material ? 0 : 1] * 3.28084;
    }

    /** @return array{int, int|null, int, int, int} */
    private static function row(string $size): array
    {
        return self::DIAMETERS[$size] ?? throw NotInStandard::size($size, 'ASTM B8 and B231');
    }
}
