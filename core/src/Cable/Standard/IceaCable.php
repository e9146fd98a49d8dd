<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/**
 * The layers of a North American shielded cable, worked out from its design.
 *
 * The typical conductor shield, 10 mils on the least insulation shield, and the limits of tapes, straps and jackets are common practice.
 */
final class IceaCable
{
    /**
     * @return list<Layer>
     *
     * @throws NotInStandard
     */
    public static function layers(Design $design): array
    {
        $core = self::screened($design, self::insulated($design));
        $stack = Cores::Three === $design->cores ? self::bundled($core, $design) : $core;
        if (MetallicScreen::ConcentricNeutral === $design->metallicScreen && Cores::One === $design->cores) {
            [$jacket, $limits] = Icea::neutralJacketWall($stack->nominal());

            return $stack->with(
                LayerKind::Oversheath, $jacket, $limits->min ?? $jacket, $limits->max ?? $jacket, 'ICEA S-94-649 jacket over a neutral',
            )->layers;
        }
        $jacket = Icea::jacketWall($stack->nominal());
        // Drain wires lie in the jacket itself, which is that much thicker.
        $wall = $jacket->plus(
            MetallicScreen::DrainWire === $design->metallicScreen ? $design->wires->diameter ?? Length::ofMils(64) : Length::ofMils(0),
        );

        return $stack->with(
            LayerKind::Oversheath,
            $wall,
            self::share($wall, 80),
            self::share($wall, 120),
            'ICEA S-93-639 jacket table; limits are common practice, ± 20 %',
        )->layers;
    }

    private static function insulated(Design $design): LayerStack
    {
        $size = $design->conductor->size;
        $conductor = Astm::diameter($size->label, $design->conductor->shape);
        $kilovolts = intdiv($design->voltage->highestVolts, 1000);
        $level = ($design->level ?? InsulationLevel::Percent100)->value;
        if (!Icea::smallest($kilovolts)->isAtMost($size)) {
            throw NotInStandard::size("{$size->label} at $kilovolts kV", 'ICEA S-97-682');
        }
        [$wall, $points] = Icea::insulationWall($kilovolts, $level);
        $shield = Icea::leastConductorShield($size->area);

        return LayerStack::on(
            $conductor, self::share($conductor, 98), self::share($conductor, 101), "ASTM, {$design->conductor->shape->value}, +1 / −2 %",
        )
            ->with(
                LayerKind::ConductorScreen,
                $shield->plus(Length::ofMils(6)),
                $shield,
                $shield->plus(Length::ofMils(18)),
                'ICEA S-97-682 least point; nominal and greatest are common practice',
            )
            ->with(LayerKind::Insulation, $wall, $points->min ?? $wall, $points->max ?? $wall, "ICEA S-97-682, $kilovolts kV, $level %");
    }

    private static function screened(Design $design, LayerStack $insulated): LayerStack
    {
        $isNeutral = MetallicScreen::ConcentricNeutral === $design->metallicScreen;
        $limits = Icea::insulationShieldWall($insulated->nominal(), $isNeutral);
        $least = $limits->min ?? Length::ofMils(24);
        $stack = $insulated->with(
            LayerKind::InsulationScreen,
            $least->plus(Length::ofMils(10)),
            $least,
            $limits->max ?? $least,
            ($isNeutral ? 'ICEA S-94-649' : 'ICEA S-97-682').' least point; nominal is common practice',
        );
        $wire = $design->wires->diameter ?? Length::ofMils(64);
        $mil = Length::ofMils(...);

        return match ($design->metallicScreen) {
            MetallicScreen::CopperTape => $stack->with(
                LayerKind::MetallicScreen, $mil(7), $mil(5), $mil(12), 'common practice, 5 mil copper tape, lapped',
            ),
            MetallicScreen::CorrugatedTape => $stack->with(
                LayerKind::MetallicScreen, $mil(30), $mil(20), $mil(45), 'common practice, 8 mil copper tape, corrugated',
            ),
            MetallicScreen::FlatStrap => $stack->with(
                LayerKind::MetallicScreen, $mil(22), $mil(19), $mil(30), 'common practice, copper straps of 20 to 25 mils',
            ),
            MetallicScreen::CopperWire, MetallicScreen::ConcentricNeutral => $stack->with(
                LayerKind::MetallicScreen, $wire, self::share($wire, 98), self::share($wire, 104), 'round wires, one layer',
            ),
            // They are embedded in the jacket: a film's thickness stands for them, so that the order of the layers holds.
            MetallicScreen::DrainWire => $stack->with(
                LayerKind::MetallicScreen, $mil(1), $mil(1), $mil(2), 'drain wires embedded in the jacket',
            ),
            MetallicScreen::LeadSheath => throw NotInStandard::size('lead sheath', 'ICEA S-97-682'),
        };
    }

    private static function bundled(LayerStack $core, Design $design): LayerStack
    {
        $stack = $core->laidUp();
        if (Armour::None === $design->armour) {
            return $stack;
        }
        $bedding = Icea::jacketWall($stack->nominal());
        $armour = Length::ofMils(Armour::SteelTape === $design->armour ? 60 : 165);

        return $stack
            ->with(
                LayerKind::Bedding,
                $bedding,
                self::share($bedding, 80),
                self::share($bedding, 120),
                'ICEA S-93-639 jacket table, as an inner jacket; likely',
            )
            ->with(
                LayerKind::Armour,
                $armour,
                self::share($armour, 90),
                self::share($armour, 110),
                'common practice; two steel tapes of 30 mils, or BWG 8 wires',
            );
    }

    private static function share(Length $of, int $percent): Length
    {
        return $of->times($percent)->dividedBy(100, Rounding::Nearest);
    }
}
