<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/**
 * The layers of an extruded cable to IEC 60502-2, worked out from its design.
 *
 * The screens' radial thickness and the upper limits of the walls are common practice: the standard gives the insulation and the sheath
 * a least value only.
 */
final class IecCable
{
    /** Cross-section of a copper-wire screen by conductor in mm². Source: common practice (HD 620 and national annexes). */
    private const SCREEN_WIRES = [120 => 16.0, 300 => 25.0, 3000 => 35.0];

    /**
     * @return list<Layer>
     *
     * @throws NotInStandard
     */
    public static function layers(Design $design): array
    {
        $area = (int) round($design->conductor->size->area);
        $insulation = Iec60502::insulationThickness($design->voltage->highestVolts, $area);
        $fictitious = FictitiousDiameter::of(
            $design->cores, $area, $insulation, self::screenCopper($design, $area, $insulation), $design->bedding, $design->armour,
        );
        $stack = self::core($design, $area, $insulation);
        $stack = Cores::Three === $design->cores ? $stack->laidUp() : $stack;
        $stack = self::bedding($stack, $design, $fictitious);
        $stack = self::armour($stack, $design, $fictitious);
        $sheath = $fictitious->oversheath;
        $isOverSmooth = Armour::None === $design->armour && Cores::One === $design->cores;

        return $stack->with(
            LayerKind::Oversheath, $sheath, Iec60502::leastOversheath($sheath, $isOverSmooth), $sheath->plus(
                self::micrometres($isOverSmooth ? 700 : 1000),
            ),
            'IEC 60502-2: 0.035 D + 1.0; least '.($isOverSmooth ? '0.85 tn − 0.1' : '0.80 tn − 0.2').'; greatest is common practice',
        )->layers;
    }

    private static function core(Design $design, int $area, Length $insulation): LayerStack
    {
        [$conductor, $source] = Iec60228::diameter($design->conductor->material, $design->conductor->shape, $area);
        [$least, $greatest] = [$conductor->min ?? $insulation, $conductor->max ?? $insulation];
        $um = self::micrometres(...);
        $stack = LayerStack::on(
            $least->plus($greatest)->dividedBy(2, Rounding::Nearest), $least, $greatest, "$source; nominal is the middle",
        )
            ->with(LayerKind::ConductorScreen, $um(600), $um(300), $um(800), 'common practice, 0.3 to 0.8 mm')
            ->with(
                LayerKind::Insulation,
                $insulation,
                Iec60502::leastInsulation($insulation),
                $insulation->plus($um(600)),
                'IEC 60502-2 table 6 or 7; least 0.9 tn − 0.1; greatest is common practice',
            )
            ->with(LayerKind::InsulationScreen, $um(800), $um(500), $um(1200), 'common practice, 0.5 to 1.2 mm');

        return match ($design->metallicScreen) {
            MetallicScreen::CopperTape => $stack->with(
                LayerKind::MetallicScreen, $um(150), $um(80), $um(300), 'common practice, 0.1 mm copper tape, lapped',
            ),
            MetallicScreen::CorrugatedTape => $stack->with(
                LayerKind::MetallicScreen, $um(600), $um(400), $um(900), 'common practice, corrugated copper tape laid along the core',
            ),
            MetallicScreen::FlatStrap => $stack->with(
                LayerKind::MetallicScreen, $um(600), $um(400), $um(900), 'common practice, flat copper straps',
            ),
            MetallicScreen::CopperWire, MetallicScreen::ConcentricNeutral => self::wires($stack, $design),
            MetallicScreen::DrainWire, MetallicScreen::LeadSheath => throw NotInStandard::size(
                $design->metallicScreen->label(), 'IEC 60502-2',
            ),
        };
    }

    private static function wires(LayerStack $stack, Design $design): LayerStack
    {
        $wire = $design->wires?->diameter;
        $um = self::micrometres(...);

        return null === $wire
            ? $stack->with(
                LayerKind::MetallicScreen,
                $um(1000),
                $um(700),
                $um(1500),
                'common practice, copper wires of 0.7 to 1.2 mm with a counter helix',
            )
            : $stack->with(
                LayerKind::MetallicScreen,
                $wire->plus($um(100)),
                $wire,
                $wire->plus($um(400)),
                'the wires that are given, with a counter helix',
            );
    }

    /**
     * Cross-section in mm² that the fictitious screen counts with. Of a tape it is its own: round the core, 0.1 mm thick and lapping by 15
     * %
     * (common practice); the standard takes number, thickness and width of the tapes, which a design does not give.
     */
    private static function screenCopper(Design $design, int $area, Length $insulation): float
    {
        if (MetallicScreen::CopperTape === $design->metallicScreen) {
            return \M_PI * FictitiousDiameter::ofCore($area, $insulation)->inMillimetres() * 0.1 / 0.85;
        }
        foreach (self::SCREEN_WIRES as $upTo => $copper) {
            if ($area <= $upTo) {
                return $design->wires?->area() ?? $copper;
            }
        }

        return 35.0;
    }

    private static function bedding(LayerStack $stack, Design $design, FictitiousDiameter $fictitious): LayerStack
    {
        if (Bedding::None === $design->bedding) {
            return $stack;
        }
        if (Bedding::Lapped === $design->bedding) {
            return $stack->with(
                LayerKind::Bedding,
                self::micrometres($fictitious->laidUp->isAtMost(Length::ofMillimetres(40)) ? 400 : 600),
                self::micrometres(300),
                self::micrometres(1200),
                'IEC 60502-2: lapped inner covering',
            );
        }
        $wall = Cores::Three === $design->cores
            ? Iec60502::innerCovering($fictitious->laidUp)
            : FictitiousDiameter::separationSheathOver($fictitious->laidUp);
        $source = Cores::Three === $design->cores ? 'IEC 60502-2 table 8' : 'IEC 60502-2: separation sheath 0.02 D + 0.6';

        return $stack->with(
            LayerKind::Bedding,
            $wall,
            Iec60502::leastCovering($wall),
            $wall->plus(self::micrometres(800)),
            "$source; greatest is common practice",
        );
    }

    private static function armour(LayerStack $stack, Design $design, FictitiousDiameter $fictitious): LayerStack
    {
        $wall = match ($design->armour) {
            Armour::None => null,
            Armour::SteelWire, Armour::AluminiumWire => Iec60502::armourWire($fictitious->underArmour),
            Armour::SteelTape => Iec60502::armourTape($fictitious->underArmour)->times(2),
        };

        return null === $wall ? $stack : $stack->with(
            LayerKind::Armour, $wall, $wall->times(95)->dividedBy(100, Rounding::Nearest),
            $wall->times(105)->dividedBy(100, Rounding::Nearest)->plus(self::micrometres(100)),
            Armour::SteelTape === $design->armour ? 'IEC 60502-2 table 10, two tapes' : 'IEC 60502-2 table 9, round wire ± 5 %',
        );
    }

    private static function micrometres(int $micrometres): Length
    {
        return Length::ofMicrometres($micrometres);
    }
}
