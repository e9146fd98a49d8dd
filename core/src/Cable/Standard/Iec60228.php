<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Conductors of insulated cables: circular compacted, class 2. */
final class Iec60228
{
    /** [min, max] in tenths of a millimetre by mm². Source: IEC 60228:2004 table C.2, values from memory. */
    private const COMPACTED = [
        25 => [56, 65], 35 => [66, 75], 50 => [77, 86], 70 => [93, 102], 95 => [110, 120], 120 => [123, 135], 150 => [137, 150],
        185 => [153, 168], 240 => [176, 192], 300 => [197, 216], 400 => [223, 246], 500 => [253, 276], 630 => [287, 325],
    ];

    /** @return list<int> nominal areas in mm² */
    public static function sizes(): array
    {
        return array_keys(self::COMPACTED);
    }

    public static function compactedDiameter(int $squareMillimetres): Range
    {
        [$min, $max] = self::COMPACTED[$squareMillimetres] ?? throw NotInStandard::size((string) $squareMillimetres, 'IEC 60228 table C.2');

        return Range::between(Length::ofMicrometres($min * 100), Length::ofMicrometres($max * 100));
    }
}
