<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** North American shielded cables: ASTM compressed conductors and ICEA S-97-682 walls. Lengths in mils unless said otherwise. */
final class Icea
{
    /** Diameter of compressed class B conductors. Source: ASTM B8/B231, as in ICEA S-97-682; values from memory. */
    private const COMPRESSED = [
        '2 AWG' => 283, '1 AWG' => 322, '1/0 AWG' => 362, '2/0 AWG' => 406, '3/0 AWG' => 456, '4/0 AWG' => 512,
        '250 kcmil' => 558, '350 kcmil' => 661, '500 kcmil' => 789, '750 kcmil' => 968, '1000 kcmil' => 1117,
    ];

    /** [nominal, least point, greatest point] by class in kV and level in per cent. Source: ICEA S-97-682 insulation table; values from memory. */
    private const INSULATION = [
        5 => [100 => [90, 85, 120], 133 => [115, 110, 145]],
        15 => [100 => [175, 165, 205], 133 => [220, 210, 250]],
        25 => [100 => [260, 245, 290], 133 => [320, 305, 350]],
        35 => [100 => [345, 330, 375], 133 => [420, 400, 450]],
    ];

    /** [up to this diameter over insulation, least point, greatest point]. Source: ICEA S-97-682 / S-94-649; values from memory, likely. */
    private const INSULATION_SHIELD = [[1000, 24, 60], [1500, 32, 75], [2000, 32, 90], [99_999, 40, 90]];

    /** [up to this diameter under the jacket, nominal]. Source: ICEA S-93-639 single-conductor jackets; values from memory, likely. */
    private const JACKET = [[425, 45], [700, 60], [1500, 80], [2500, 110], [99_999, 140]];

    /** @return list<string> */
    public static function sizes(): array
    {
        return array_keys(self::COMPRESSED);
    }

    public static function compressedDiameter(string $size): Length
    {
        return Length::ofMils(self::COMPRESSED[$size] ?? throw NotInStandard::size($size, 'ASTM B231'));
    }

    /** @return array{Length, Range} the nominal wall and the limits at a point */
    public static function insulationWall(int $kilovolts, int $level): array
    {
        [$nominal, $least, $greatest] = self::INSULATION[$kilovolts][$level] ?? throw NotInStandard::size("$kilovolts kV $level %", 'ICEA S-97-682');

        return [Length::ofMils($nominal), Range::between(Length::ofMils($least), Length::ofMils($greatest))];
    }

    /** The least conductor shield at a point. Source: ICEA S-97-682; 12 mils to 4/0, 16 to 550 kcmil, 20 to 1000 kcmil; from memory. */
    public static function leastConductorShield(float $squareMillimetres): Length
    {
        return Length::ofMils(match (true) {
            $squareMillimetres < 110 => 12,
            $squareMillimetres < 280 => 16,
            default => 20,
        });
    }

    public static function insulationShieldWall(Length $overInsulation): Range
    {
        foreach (self::INSULATION_SHIELD as [$upTo, $least, $greatest]) {
            if ($overInsulation->isAtMost(Length::ofMils($upTo))) {
                return Range::between(Length::ofMils($least), Length::ofMils($greatest));
            }
        }
        throw NotInStandard::size($overInsulation->toText(), 'ICEA S-97-682');
    }

    public static function jacketWall(Length $underJacket): Length
    {
        foreach (self::JACKET as [$upTo, $nominal]) {
            if ($underJacket->isAtMost(Length::ofMils($upTo))) {
                return Length::ofMils($nominal);
            }
        }
        throw NotInStandard::size($underJacket->toText(), 'ICEA S-93-639');
    }
}
