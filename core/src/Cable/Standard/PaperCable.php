<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/**
 * The layers of a paper or varnished-cambric cable under lead, as they were typically made.
 *
 * An estimate and no more: thicknesses are from memory of BS 6480, IEC 60055-2 and AEIC CS1 (unsure, ± 8 %), old cables differ, and only
 * a measurement decides.
 */
final class PaperCable
{
    private const FILL = 0.85;

    /** [Um in volts => insulation round one core in micrometres]; screened. Source: BS 6480 and AEIC CS1 from memory, unsure. */
    private const RADIAL = [12_000 => 2800, 15_000 => 4191, 17_500 => 3600, 24_000 => 5000, 36_000 => 7400];

    /**
     * [conductor to conductor, conductor to sheath] of belted cables in micrometres. Source: BS 6480, and 130 + 85 mils at 15 kV after AEIC
     * CS1, from memory, unsure.
     */
    private const BELTED = [12_000 => [5600, 4200], 15_000 => [6604, 5461]];

    /** Source: varnished cloth at 15 kV, from memory, unsure. */
    private const CAMBRIC = [15_000 => 5207];

    /**
     * @return list<Layer>
     *
     * @throws NotInStandard
     */
    public static function layers(Design $design): array
    {
        $stack = Cores::Three === $design->cores ? self::three($design) : self::one($design);
        // tpb = 0.03 D + 0.6 mm, at least 1.8 mm. Source: IEC 60502-2 lead clause and BS 6480 as practised, from memory, likely.
        $lead = Length::largest(
            $stack->nominal()->times(3)->dividedBy(100, Rounding::Nearest)->plus(Length::ofMicrometres(600)), Length::ofMicrometres(1800),
        );
        $stack = self::wall($stack, LayerKind::LeadSheath, $lead, 'lead 0.03 D + 0.6, at least 1.8 mm; estimate');
        if (Bedding::None !== $design->bedding) {
            $stack = self::wall($stack, LayerKind::Bedding, Length::ofMicrometres(3500), 'lapped bedding on the lead, typical; estimate');
        }
        $armour = match ($design->armour) {
            Armour::None => null,
            Armour::SteelWire, Armour::AluminiumWire => Length::ofMicrometres(2500),
            Armour::SteelTape => Length::ofMicrometres(1000),
        };
        $stack = null === $armour ? $stack : self::wall($stack, LayerKind::Armour, $armour, 'armour, typical; estimate');

        return self::wall(
            $stack,
            LayerKind::Oversheath,
            Length::ofMicrometres(SheathMaterial::Serving === $design->sheath ? 3500 : 2800),
            'serving or sheath, typical; estimate',
        )->layers;
    }

    private static function one(Design $design): LayerStack
    {
        $wall = self::radial($design);
        $stack = self::wall(
            self::roundConductor($design), LayerKind::ConductorScreen, Length::ofMicrometres(150), 'carbon paper; estimate',
        );

        return self::screen($design, self::wall($stack, LayerKind::Insulation, $wall, 'BS 6480 or AEIC CS1, from memory; estimate'));
    }

    private static function three(Design $design): LayerStack
    {
        if (ConductorShape::Sector !== $design->conductor->shape) {
            $core = self::one($design);

            return $design->isBelted() ? throw NotInStandard::size(
                'a belted cable of round conductors', 'the paper cables known here',
            ) : $core->laidUp();
        }

        return $design->isBelted() ? self::belted($design) : self::screenedSectors($design);
    }

    /**
     * Three sectors fill a circle of radius R but for three gaps of the papers between them: pi R² - 3 t R = 3 S / fill. Source: plane
     * geometry.
     *
     * @return float R over the conductors, in mm
     */
    private static function sectorRadius(Design $design, float $betweenConductors): float
    {
        $filled = 3 * $design->conductor->size->area / self::FILL;

        return (3 * $betweenConductors + sqrt(9 * $betweenConductors ** 2 + 4 * \M_PI * $filled)) / (2 * \M_PI);
    }

    private static function belted(Design $design): LayerStack
    {
        [$between, $toSheath] = self::BELTED[$design->voltage->highestVolts] ?? throw NotInStandard::size(
            $design->voltage->label, 'the belted paper cables known here',
        );
        $radius = self::sectorRadius($design, $between / 1000);
        $core = self::sectorCore($design, $between / 2);

        return self::estimated(
            self::estimated($core, LayerKind::LaidUpCores, 2 * ($radius + $between / 2000), 'three sectors and their papers; estimate'),
            LayerKind::Belt, 2 * ($radius + $toSheath / 1000), 'conductor to sheath as BS 6480, from memory; estimate',
        );
    }

    private static function screenedSectors(Design $design): LayerStack
    {
        $wall = self::radial($design)->nanometres / 1e6 + 0.1;
        $core = self::screen($design, self::sectorCore($design, 1000 * ($wall - 0.1)));

        return self::estimated(
            $core, LayerKind::LaidUpCores, 2 * (self::sectorRadius($design, 2 * $wall) + $wall), 'three sectors and their papers; estimate',
        );
    }

    /** A sector counts with the circle of its own area: it cannot be measured across. */
    private static function sectorCore(Design $design, float $wallMicrometres): LayerStack
    {
        $diameter = sqrt(4 * $design->conductor->size->area / self::FILL / \M_PI);
        $conductor = Length::nearestToMillimetres($diameter);
        $stack = LayerStack::on(
            $conductor, self::share($conductor, 92), self::share($conductor, 108), 'circle of the sector’s area, filled to 85 %; estimate',
        );

        return self::estimated(
            $stack, LayerKind::Insulation, $diameter + 2 * $wallMicrometres / 1000, 'BS 6480 or AEIC CS1, from memory; estimate',
        );
    }

    private static function roundConductor(Design $design): LayerStack
    {
        $conductor = Length::nearestToMillimetres(sqrt(4 * $design->conductor->size->area / self::FILL / \M_PI));

        return LayerStack::on($conductor, self::share($conductor, 94), self::share($conductor, 106), 'stranded, filled to 85 %; estimate');
    }

    private static function screen(Design $design, LayerStack $insulated): LayerStack
    {
        return $design->has(LayerKind::InsulationScreen) ? self::wall(
            $insulated, LayerKind::InsulationScreen, Length::ofMicrometres(100), 'one screening paper; estimate',
        ) : $insulated;
    }

    private static function radial(Design $design): Length
    {
        $table = InsulationMaterial::VarnishedCambric === $design->insulation ? self::CAMBRIC : self::RADIAL;

        return Length::ofMicrometres($table[$design->voltage->highestVolts] ?? throw NotInStandard::size(
            $design->voltage->label, 'the paper and cambric cables known here',
        ));
    }

    private static function wall(LayerStack $stack, LayerKind $kind, Length $wall, string $source): LayerStack
    {
        return $stack->with($kind, $wall, self::share($wall, 92), self::share($wall, 108), $source);
    }

    private static function estimated(LayerStack $stack, LayerKind $kind, float $millimetres, string $source): LayerStack
    {
        $diameter = Length::nearestToMillimetres($millimetres);

        return $stack->layered($kind, $diameter, self::share($diameter, 93), self::share($diameter, 107), $source);
    }

    private static function share(Length $of, int $percent): Length
    {
        return $of->times($percent)->dividedBy(100, Rounding::Nearest);
    }
}
