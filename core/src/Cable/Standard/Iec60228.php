<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;

/** Conductors of insulated cables: diameters and resistances. */
final class Iec60228
{
    private const COMPACTED_SOURCE = 'IEC 60228 table C.2, circular compacted, class 2';

    /** [min, max] in tenths of a millimetre by mm². Source: IEC 60228:2004 table C.2, values from memory. */
    private const COMPACTED = [
        10 => [36, 40], 16 => [46, 52], 25 => [56, 65], 35 => [66, 75], 50 => [77, 86], 70 => [93, 102], 95 => [110, 120],
        120 => [123, 135],
        150 => [137, 150], 185 => [153, 168], 240 => [176, 192], 300 => [197, 216], 400 => [223, 246], 500 => [253, 276], 630 => [287, 325],
    ];

    /** The table ends at 630 mm². Source: common practice. */
    private const COMPACTED_TYPICAL = [800 => [330, 350], 1000 => [375, 390]];

    /**
     * Greatest [solid class 1, stranded class 2], copper, in tenths of a millimetre. Source: IEC 60228:2004 table C.1, values from memory,
     * likely.
     */
    private const UNCOMPACTED = [
        16 => [46, 53], 25 => [57, 66], 35 => [67, 79], 50 => [78, 91], 70 => [94, 110], 95 => [110, 129], 120 => [124, 145],
        150 => [138, 162],
        185 => [154, 180], 240 => [176, 206], 300 => [198, 231], 400 => [222, 261], 500 => [null, 292], 630 => [null, 332],
        800 => [null, 376], 1000 => [null, 422],
    ];

    /** [min, max] of solid circular aluminium in tenths of a millimetre. Source: IEC 60228:2004 table C.3, values from memory, likely. */
    private const SOLID_ALUMINIUM = [
        16 => [41, 46], 25 => [52, 57], 35 => [61, 67], 50 => [72, 78], 70 => [87, 94], 95 => [103, 110], 120 => [116, 124],
        150 => [129, 138],
        185 => [145, 154], 240 => [167, 176], 300 => [188, 198], 400 => [212, 222], 500 => [240, 251], 630 => [273, 284], 800 => [309, 321],
        1000 => [348, 360],
    ];

    /**
     * Greatest resistance at 20 °C in milliohms a kilometre, class 2: [plain copper, aluminium]. Source: IEC 60228 table 2, values from
     * memory.
     */
    private const STRANDED_RESISTANCE = [
        10 => [1830.0, 3080.0], 16 => [1150.0, 1910.0], 25 => [727.0, 1200.0], 35 => [524.0, 868.0], 50 => [387.0, 641.0],
        70 => [268.0, 443.0], 95 => [193.0, 320.0],
        120 => [153.0, 253.0], 150 => [124.0, 206.0], 185 => [99.1, 164.0], 240 => [75.4, 125.0], 300 => [60.1, 100.0], 400 => [47.0, 77.8],
        500 => [36.6, 60.5], 630 => [28.3, 46.9], 800 => [22.1, 36.7], 1000 => [17.6, 29.1],
    ];

    /**
     * Where class 1 differs from class 2: [plain copper, aluminium]. Source: IEC 60228 table 1, values from memory; copper above 150 mm²
     * likely.
     */
    private const SOLID_RESISTANCE = [185 => [101.0, 164.0], 240 => [77.5, 125.0], 300 => [62.0, 100.0], 400 => [46.5, 77.8]];

    /** @return list<int> nominal areas in mm² */
    public static function sizes(): array
    {
        return array_keys(self::STRANDED_RESISTANCE);
    }

    public static function compactedDiameter(int $squareMillimetres): Range
    {
        return self::tenths(
            self::COMPACTED[$squareMillimetres] ?? self::COMPACTED_TYPICAL[$squareMillimetres] ?? throw NotInStandard::size(
                $squareMillimetres.' mm²', 'IEC 60228 table C.2',
            ),
        );
    }

    /**
     * What the diameter may be. Where the table gives the greatest only, the least is taken as 6 % less (common practice).
     *
     * @return array{Range, string} the limits and their source
     */
    public static function diameter(ConductorMaterial $material, ConductorShape $shape, int $squareMillimetres): array
    {
        return match ($shape) {
            ConductorShape::Compacted, ConductorShape::Compressed => [
                self::compactedDiameter($squareMillimetres),
                isset(self::COMPACTED[$squareMillimetres])
                    ? self::COMPACTED_SOURCE
                    : 'common practice; IEC 60228 table C.2 ends at 630 mm²',
            ],
            ConductorShape::Stranded => [
                self::upTo(self::UNCOMPACTED[$squareMillimetres][1] ?? null, $squareMillimetres),
                'IEC 60228 table C.1, stranded; least is common practice',
            ],
            ConductorShape::Solid => ConductorMaterial::Aluminium === $material
                ? [
                    self::tenths(self::SOLID_ALUMINIUM[$squareMillimetres] ?? throw NotInStandard::size(
                        $squareMillimetres.' mm²', 'IEC 60228 table C.3',
                    )),
                    'IEC 60228 table C.3, solid aluminium',
                ]
                : [
                    self::upTo(self::UNCOMPACTED[$squareMillimetres][0] ?? null, $squareMillimetres),
                    'IEC 60228 table C.1, solid; least is common practice',
                ],
            ConductorShape::Sector => throw NotInStandard::size('a sector-shaped conductor', 'IEC 60228 Annex C'),
        };
    }

    /** Greatest resistance at 20 °C in Ω/km. Source: IEC 60228 tables 1 and 2. */
    public static function greatestResistance(ConductorMaterial $material, ConductorShape $shape, int $squareMillimetres): float
    {
        $row = (ConductorShape::Solid === $shape ? self::SOLID_RESISTANCE[$squareMillimetres] ?? null : null)
            ?? self::STRANDED_RESISTANCE[$squareMillimetres]
            ?? throw NotInStandard::size($squareMillimetres.' mm²', 'IEC 60228 table 2');

        return $row[ConductorMaterial::Copper === $material ? 0 : 1] / 1000;
    }

    private static function upTo(?int $tenths, int $squareMillimetres): Range
    {
        $max = Length::ofMicrometres(100 * ($tenths ?? throw NotInStandard::size($squareMillimetres.' mm²', 'IEC 60228 table C.1')));

        return Range::between($max->times(94)->dividedBy(100, Rounding::Nearest), $max);
    }

    /** @param array{int, int} $tenths */
    private static function tenths(array $tenths): Range
    {
        return Range::between(Length::ofMicrometres($tenths[0] * 100), Length::ofMicrometres($tenths[1] * 100));
    }
}
