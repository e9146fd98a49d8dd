<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Cores;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Rounding;

/**
 * The chain of fictitious diameters that the standard takes its sheath and armour from. Every step is rounded to 0.1 mm, half up.
 *
 * Source: IEC 60502-2 Annex A (method) and Annex B (rounding), from memory.
 */
final readonly class FictitiousDiameter
{
    /**
     * Copper cross-section in mm² => increase in tenths of a millimetre; between two rows the larger. Source: IEC 60502-2 table A.2, values
     * from memory, likely.
     */
    private const SCREEN_INCREASE = [
        4 => 5,
        6 => 6,
        10 => 8,
        16 => 11,
        25 => 12,
        35 => 14,
        50 => 17,
        70 => 20,
        95 => 24,
        120 => 27,
        150 => 30,
        185 => 40,
        240 => 50,
        300 => 60,
    ];

    private function __construct(
        public Length $conductor,
        public Length $core,
        public Length $screened,
        /** Over three cores; of a single core the screened core itself. */
        public Length $laidUp,
        public Length $bedding,
        public Length $underArmour,
        public Length $underOversheath,
        public Length $oversheath,
    ) {
    }

    /** @param float $screenCopper cross-section of the metallic screen on a core, in mm²; 0 for none */
    public static function of(
        Cores $cores, int $squareMillimetres, Length $insulation, float $screenCopper, Bedding $bedding, Armour $armour,
    ): self {
        $conductor = self::ofConductor($squareMillimetres);
        $core = self::ofCore($squareMillimetres, $insulation);
        $screened = self::toTenth($core->plus(self::screenIncrease($screenCopper)));
        $laidUp = Cores::One === $cores ? $screened : self::toTenth($screened->times(216)->dividedBy(100, Rounding::Nearest));
        $bedded = self::bedded($cores, $laidUp, $bedding, $armour);
        $underArmour = Armour::SteelTape === $armour && Bedding::None !== $bedding ? $bedded->plus(
            Length::ofMicrometres($bedded->isAtMost(Length::ofMillimetres(30)) ? 1000 : 1600),
        ) : $bedded;
        $armoured = self::toTenth($underArmour->plus(match ($armour) {
            Armour::None => Length::ofNanometres(0),
            Armour::SteelWire, Armour::AluminiumWire => Iec60502::armourWire($underArmour)->times(2),
            Armour::SteelTape => Iec60502::armourTape($underArmour)->times(4),
        }));

        return new self(
            $conductor,
            $core,
            $screened,
            $laidUp,
            $bedded,
            $underArmour,
            $armoured,
            self::oversheathOver($armoured, self::isOverMetal($cores, $bedding, $armour)),
        );
    }

    /** dL = sqrt(4 S / pi). Source: IEC 60502-2 table A.1. */
    public static function ofConductor(int $squareMillimetres): Length
    {
        return self::toTenth(Length::nearestToMillimetres(sqrt(4 * $squareMillimetres / \M_PI)));
    }

    /** Dc = dL + 2 ti + 3.0 mm for a screened core. Source: IEC 60502-2 A.2.2. */
    public static function ofCore(int $squareMillimetres, Length $insulation): Length
    {
        return self::toTenth(self::ofConductor($squareMillimetres)->plus($insulation->times(2))->plus(Length::ofMillimetres(3)));
    }

    public static function screenIncrease(float $squareMillimetres): Length
    {
        if ($squareMillimetres <= 0) {
            return Length::ofNanometres(0);
        }
        foreach (self::SCREEN_INCREASE as $upTo => $tenths) {
            if ($squareMillimetres <= $upTo) {
                return Length::ofMicrometres(100 * $tenths);
            }
        }
        throw NotInStandard::size(\sprintf('a screen of %.0f mm²', $squareMillimetres), 'IEC 60502-2 table A.2');
    }

    /**
     * 0.035 D + 1.0 mm, to 0.1 mm; at least 1.8 mm directly over a metallic screen, wires or armour, else 1.4 mm. Source: IEC 60502-2,
     * clause on the oversheath.
     */
    public static function oversheathOver(Length $fictitiousUnder, bool $isOverMetal = true): Length
    {
        $byFormula = self::toTenth($fictitiousUnder->times(35)->dividedBy(1000, Rounding::Nearest)->plus(Length::ofMillimetres(1)));

        return Length::largest($byFormula, Length::ofMicrometres($isOverMetal ? 1800 : 1400));
    }

    /**
     * ts = 0.02 Du + 0.6 mm, at least 1.2 mm: between a screen and armour of another metal on one core. Source: IEC 60502-2, clause on the
     * separation sheath.
     */
    public static function separationSheathOver(Length $fictitiousUnder): Length
    {
        return Length::largest(
            self::toTenth($fictitiousUnder->times(2)->dividedBy(100, Rounding::Nearest)->plus(Length::ofMicrometres(600))),
            Length::ofMicrometres(1200),
        );
    }

    /** Of the oversheath: an inner covering of three unarmoured cores lies between it and their screens. */
    private static function isOverMetal(Cores $cores, Bedding $bedding, Armour $armour): bool
    {
        return Cores::One === $cores || Armour::None !== $armour || Bedding::None === $bedding;
    }

    /** Over the oversheath. */
    public function overAll(): Length
    {
        return $this->underOversheath->plus($this->oversheath->times(2));
    }

    /**
     * Three cores get an inner covering of 0.4 or 0.6 mm, counted so whatever its real thickness; one core a separation sheath. Source: IEC
     * 60502-2 A.2.4 and A.2.6.
     */
    private static function bedded(Cores $cores, Length $under, Bedding $bedding, Armour $armour): Length
    {
        return match (true) {
            Cores::Three === $cores => $under->plus(Length::ofMicrometres($under->isAtMost(Length::ofMillimetres(40)) ? 800 : 1200)),
            Bedding::None === $bedding || Armour::None === $armour => $under,
            default => $under->plus(self::separationSheathOver($under)->times(2)),
        };
    }

    private static function toTenth(Length $length): Length
    {
        $tenth = intdiv(LengthUnit::Millimetre->nanometres(), 10);

        return Length::ofNanometres(Rounding::Nearest->divide($length->nanometres, $tenth) * $tenth);
    }
}
