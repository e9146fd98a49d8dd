<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** North American shielded cables: walls. Lengths in mils unless said otherwise. */
final class Icea
{
    /**
     * [nominal, least point, greatest point] by class in kV and level in per cent. Nominals: ICEA S-93-639, S-94-649 and S-97-682, from
     * memory, 46 kV
     * and 173 % likely. Points: ICEA S-94-649 and AEIC CS8, from memory; 15 kV and 100 % of 25 and 35 kV likely, the others by the same
     * pattern (unsure).
     */
    private const INSULATION = [
        5 => [100 => [90, 85, 120], 133 => [115, 110, 145], 173 => [140, 133, 170]],
        8 => [100 => [115, 110, 145], 133 => [140, 135, 170], 173 => [175, 166, 205]],
        15 => [100 => [175, 165, 205], 133 => [220, 210, 250], 173 => [260, 245, 290]],
        25 => [100 => [260, 245, 290], 133 => [320, 305, 350], 173 => [420, 400, 450]],
        28 => [100 => [280, 265, 310], 133 => [345, 330, 375], 173 => [445, 425, 475]],
        35 => [100 => [345, 330, 375], 133 => [420, 400, 450], 173 => [580, 550, 605]],
        46 => [100 => [445, 425, 475], 133 => [580, 550, 605]],
    ];

    /** The smallest conductor by class in kV. Source: ICEA S-97-682 insulation table, from memory. */
    private const SMALLEST = [5 => '8 AWG', 8 => '6 AWG', 15 => '2 AWG', 25 => '1 AWG', 28 => '1 AWG', 35 => '1/0 AWG', 46 => '4/0 AWG'];

    /**
     * Up to this diameter over insulation: [least point under tape or wire shields, least point under a concentric neutral, greatest].
     * Source: ICEA S-97-682 and S-94-649, from memory; the first column unsure.
     */
    private const INSULATION_SHIELD = [[1000, 24, 30, 60], [1500, 32, 40, 75], [2000, 32, 55, 90], [99_999, 40, 55, 90]];

    /** Up to this diameter under the jacket. Source: ICEA S-93-639 jacket table, from memory, likely. */
    private const JACKET = [[425, 45], [700, 60], [1500, 80], [2500, 110], [99_999, 140]];

    /**
     * Up to this diameter over the neutral: [nominal, least, greatest]. Source: ICEA S-94-649, from memory; nominal likely, limits unsure.
     */
    private const NEUTRAL_JACKET = [[1500, 50, 45, 80], [2500, 80, 70, 120], [99_999, 110, 100, 155]];

    /** @return list<int> in kV */
    public static function classes(): array
    {
        return array_keys(self::INSULATION);
    }

    public static function smallest(int $kilovolts): ConductorSize
    {
        return ConductorSize::parse(self::SMALLEST[$kilovolts] ?? throw NotInStandard::size("$kilovolts kV", 'ICEA S-97-682'));
    }

    /** @return array{Length, Range} the nominal wall and the limits at a point */
    public static function insulationWall(int $kilovolts, int $level): array
    {
        [$nominal, $least, $greatest] = self::INSULATION[$kilovolts][$level] ?? throw NotInStandard::size(
            "$kilovolts kV $level %", 'ICEA S-97-682',
        );

        return [Length::ofMils($nominal), Range::between(Length::ofMils($least), Length::ofMils($greatest))];
    }

    /**
     * The least conductor shield at a point. Source: ICEA S-97-682; 12 mils to 4/0, 16 to 550, 20 to 1000 kcmil, 24 above; from memory,
     * likely.
     */
    public static function leastConductorShield(float $squareMillimetres): Length
    {
        return Length::ofMils(match (true) {
            $squareMillimetres < 110 => 12,
            $squareMillimetres < 280 => 16,
            $squareMillimetres < 508 => 20,
            default => 24,
        });
    }

    public static function insulationShieldWall(Length $overInsulation, bool $isUnderNeutral = false): Range
    {
        [, $wires, $neutral, $greatest] = self::row(self::INSULATION_SHIELD, $overInsulation);

        return Range::between(Length::ofMils($isUnderNeutral ? $neutral : $wires), Length::ofMils($greatest));
    }

    public static function jacketWall(Length $underJacket): Length
    {
        return Length::ofMils(self::row(self::JACKET, $underJacket)[1]);
    }

    /** @return array{Length, Range} nominal and limits of an encapsulating or sleeved jacket over a concentric neutral */
    public static function neutralJacketWall(Length $overNeutral): array
    {
        [, $nominal, $least, $greatest] = self::row(self::NEUTRAL_JACKET, $overNeutral);

        return [Length::ofMils($nominal), Range::between(Length::ofMils($least), Length::ofMils($greatest))];
    }

    /**
     * @template T of non-empty-list<int>
     *
     * @param non-empty-list<T> $table the first number of a row is the diameter in mils up to which it holds
     *
     * @return T
     */
    private static function row(array $table, Length $diameter): array
    {
        foreach ($table as $row) {
            if ($diameter->isAtMost(Length::ofMils($row[0]))) {
                return $row;
            }
        }
        throw NotInStandard::size($diameter->toText(), 'ICEA S-97-682');
    }
}
