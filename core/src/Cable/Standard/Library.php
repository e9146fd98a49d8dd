<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Revision;

/** Standard constructions, worked out from the standards' rules: single-core, XLPE, copper-tape screen. */
final class Library
{
    /** @return iterable<Construction> */
    public static function all(): iterable
    {
        foreach ([50, 70, 95, 120, 150, 185, 240, 300, 400] as $area) {
            foreach (ConductorMaterial::cases() as $material) {
                yield self::iec($material, $area, '6.35/11 (12) kV');
            }
        }
        foreach (['1/0 AWG', '2/0 AWG', '4/0 AWG', '250 kcmil', '350 kcmil', '500 kcmil', '750 kcmil'] as $size) {
            foreach (ConductorMaterial::cases() as $material) {
                yield self::icea($material, $size, 15, 133);
            }
        }
    }

    /**
     * Single-core to IEC 60502-2. The screens' radial thickness and the upper limits of the walls are common practice: the standard
     * gives the insulation and the sheath a least value only.
     */
    public static function iec(ConductorMaterial $material, int $area, string $voltage): Construction
    {
        $rated = RatedVoltage::parse($voltage);
        $conductor = Iec60228::compactedDiameter($area);
        $least = $conductor->min ?? throw NotInStandard::size((string) $area, 'IEC 60228');
        $greatest = $conductor->max ?? throw NotInStandard::size((string) $area, 'IEC 60228');
        $insulation = Iec60502::insulationThickness($rated->highestVolts, $area);
        // A 0.1 mm copper tape adds 0.5 mm to the fictitious diameter (IEC 60502-2 table A.2, up to 4 mm²).
        $sheath = Iec60502::oversheathThickness(Iec60502::fictitiousCore($area, $insulation)->plus(Length::ofMicrometres(500)));
        $um = Length::ofMicrometres(...);
        $stack = LayerStack::on($least->plus($greatest)->dividedBy(2, Rounding::Nearest), $least, $greatest, 'IEC 60228 table C.2; nominal is the middle')
            ->with(LayerKind::ConductorScreen, $um(600), $um(300), $um(800), 'common practice, 0.3 to 0.8 mm')
            ->with(LayerKind::Insulation, $insulation, Iec60502::leastInsulation($insulation), $insulation->plus($um(600)), 'IEC 60502-2 table 6; least 0.9 tn − 0.1; greatest is common practice')
            ->with(LayerKind::InsulationScreen, $um(800), $um(500), $um(1200), 'common practice, 0.5 to 1.2 mm')
            ->with(LayerKind::MetallicScreen, $um(150), $um(80), $um(300), 'common practice, 0.1 mm copper tape, lapped')
            ->with(LayerKind::Oversheath, $sheath, Iec60502::leastOversheath($sheath), $sheath->plus($um(700)), 'IEC 60502-2: 0.035 D + 1.0; least 0.85 tn − 0.1; greatest is common practice');

        return Construction::of(
            Revision::of(\sprintf('iec-1x%d-%s-%d', $area, strtolower($material->symbol()), $rated->highestVolts / 1000), 1),
            \sprintf('1×%d %s XLPE %s, copper tape', $area, $material->symbol(), $voltage), 'IEC 60502-2', $rated,
            new Conductor($material, ConductorShape::Compacted, ConductorSize::ofSquareMillimetres($area)),
            InsulationMaterial::Xlpe, MetallicScreen::CopperTape, SheathMaterial::Pe, $stack->layers,
        );
    }

    /** Single conductor, tape shield, to ICEA S-97-682. The typical conductor shield and the upper limits of shield tape and jacket are common practice. */
    public static function icea(ConductorMaterial $material, string $size, int $kilovolts, int $level): Construction
    {
        $conductor = Icea::compressedDiameter($size);
        $conductorSize = ConductorSize::parse($size);
        $shield = Icea::leastConductorShield($conductorSize->area);
        [$wall, $points] = Icea::insulationWall($kilovolts, $level);
        $mil = Length::ofMils(...);
        $insulated = LayerStack::on($conductor, $conductor->times(98)->dividedBy(100, Rounding::Nearest), $conductor->times(101)->dividedBy(100, Rounding::Nearest), 'ASTM B8/B231 compressed, +1 / −2 %')
            ->with(LayerKind::ConductorScreen, $shield->plus($mil(6)), $shield, $shield->plus($mil(18)), 'ICEA S-97-682 least point; nominal and greatest are common practice')
            ->with(LayerKind::Insulation, $wall, $points->min ?? $wall, $points->max ?? $wall, "ICEA S-97-682, $kilovolts kV, $level %");
        $screen = Icea::insulationShieldWall($insulated->nominal());
        $least = $screen->min ?? $mil(24);
        $screened = $insulated
            ->with(LayerKind::InsulationScreen, $least->plus($mil(10)), $least, $screen->max ?? $least, 'ICEA S-97-682 least point; nominal is common practice')
            ->with(LayerKind::MetallicScreen, $mil(7), $mil(5), $mil(12), 'common practice, 5 mil copper tape, lapped');
        $jacket = Icea::jacketWall($screened->nominal());

        return Construction::of(
            Revision::of(\sprintf('icea-%s-%s-%d-%d', strtr(strtolower($size), ['/' => '-', ' awg' => '', ' kcmil' => '']), strtolower($material->symbol()), $kilovolts, $level), 1),
            \sprintf('%s %s XLPE %d kV %d %%, tape shield', $size, $material->symbol(), $kilovolts, $level), 'ICEA S-97-682', RatedVoltage::parse($kilovolts.' kV'),
            new Conductor($material, ConductorShape::Compressed, $conductorSize),
            InsulationMaterial::Xlpe, MetallicScreen::CopperTape, SheathMaterial::Pvc,
            $screened->with(LayerKind::Oversheath, $jacket, $jacket->times(8)->dividedBy(10, Rounding::Nearest), $jacket->times(12)->dividedBy(10, Rounding::Nearest), 'ICEA S-93-639 jacket table; limits are common practice, ± 20 %')->layers,
        );
    }
}
