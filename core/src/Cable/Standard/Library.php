<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\InsulationScreen;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\ScreenWires;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Revision;

/** Standard constructions, worked out from the standards' rules; none of them is typed in. */
final class Library
{
    /** 2: oversheaths directly over metal are at least 1.8 mm, and a tape screen counts with its own cross-section. */
    private const REVISION = 2;

    private const IEC_VOLTAGES = ['3.6/6 (7.2) kV', '6.35/11 (12) kV', '8.7/15 (17.5) kV', '12.7/22 (24) kV', '18/30 (36) kV'];

    /**
     * The constructions that ship: what is met most in the field.
     *
     * @return iterable<Construction>
     */
    public static function shipped(): iterable
    {
        yield from self::built(self::iecSingle(
            self::IEC_VOLTAGES, [ConductorShape::Compacted], [InsulationMaterial::Xlpe], [MetallicScreen::CopperTape],
        ));
        yield from self::built(self::iecSingle(
            ['6/10 (12) kV', '12/20 (24) kV', '18/30 (36) kV'],
            [ConductorShape::Compacted],
            [InsulationMaterial::Xlpe],
            [MetallicScreen::CopperWire],
        ));
        yield from self::built(self::iecSingle(
            ['6.35/11 (12) kV'], [ConductorShape::Compacted], [InsulationMaterial::Epr], [MetallicScreen::CopperTape],
        ));
        yield from self::built(self::iecSingle(
            ['6.35/11 (12) kV'],
            [ConductorShape::Compacted],
            [InsulationMaterial::Xlpe],
            [MetallicScreen::CopperTape],
            Armour::AluminiumWire,
        ));
        yield from self::built(self::iecThree(
            ['6.35/11 (12) kV', '12.7/22 (24) kV'], [ConductorShape::Compacted], [Armour::SteelWire, Armour::SteelTape, Armour::None],
        ));
        yield from self::built(self::icea(
            [15],
            [100, 133],
            [ConductorShape::Compressed],
            [InsulationMaterial::Xlpe, InsulationMaterial::Epr],
            [MetallicScreen::CopperTape],
        ));
        yield from self::built(self::icea(
            [5, 25, 35], [100, 133], [ConductorShape::Compressed], [InsulationMaterial::Epr], [MetallicScreen::CopperTape],
        ));
        yield from self::built(self::neutrals([15, 25, 35], [100], [ConductorShape::Compressed], [InsulationMaterial::TreeRetardantXlpe]));
        yield from self::built(self::iceaThree([15], [133], [ConductorShape::Compressed]));
        yield from self::built(self::underLead());
    }

    /**
     * Every construction that the rules give, for comparing a cable of unknown name with: above five thousand.
     *
     * @return iterable<Construction>
     */
    public static function all(): iterable
    {
        $shapes = [ConductorShape::Compacted, ConductorShape::Stranded, ConductorShape::Solid];
        $strandings = [ConductorShape::Compressed, ConductorShape::Compacted, ConductorShape::Stranded, ConductorShape::Solid];
        $polymers = [InsulationMaterial::Xlpe, InsulationMaterial::Epr];
        yield from self::built(self::iecSingle(
            self::IEC_VOLTAGES,
            $shapes,
            $polymers,
            [MetallicScreen::CopperTape, MetallicScreen::CopperWire, MetallicScreen::CorrugatedTape],
        ));
        yield from self::built(self::iecSingle(
            self::IEC_VOLTAGES, $shapes, [InsulationMaterial::Xlpe], [MetallicScreen::CopperTape], Armour::AluminiumWire,
        ));
        yield from self::built(self::iecThree(self::IEC_VOLTAGES, $shapes, [Armour::SteelWire, Armour::SteelTape, Armour::None]));
        yield from self::built(self::icea(
            Icea::classes(),
            [100, 133, 173],
            $strandings,
            [InsulationMaterial::Xlpe, InsulationMaterial::Epr],
            [MetallicScreen::CopperTape, MetallicScreen::CorrugatedTape, MetallicScreen::FlatStrap, MetallicScreen::DrainWire],
        ));
        yield from self::built(self::iceaThree(Icea::classes(), [100, 133], $strandings));
        yield from self::built(self::neutrals(Icea::classes(), [100, 133], $strandings, [InsulationMaterial::TreeRetardantXlpe]));
        yield from self::built(self::underLead());
    }

    /** The construction that a standard gives for a design. @throws NotInStandard */
    public static function construction(Design $design): Construction
    {
        return Construction::of(
            Revision::of(Designation::id($design), self::REVISION),
            Designation::of($design),
            Standards::nameFor($design),
            $design,
            Standards::layers($design),
        );
    }

    /**
     * @param iterable<Design> $designs
     *
     * @return iterable<Construction>
     */
    private static function built(iterable $designs): iterable
    {
        foreach ($designs as $design) {
            try {
                yield self::construction($design);
            } catch (NotInStandard) {
                // The standard does not make this size at this voltage.
                continue;
            }
        }
    }

    /**
     * @param list<string>             $voltages
     * @param list<ConductorShape>     $shapes
     * @param list<InsulationMaterial> $insulations
     * @param list<MetallicScreen>     $screens
     *
     * @return iterable<Design>
     */
    private static function iecSingle(
        array $voltages, array $shapes, array $insulations, array $screens, Armour $armour = Armour::None,
    ): iterable {
        foreach ($voltages as $voltage) {
            foreach ($insulations as $insulation) {
                foreach ($screens as $screen) {
                    foreach (self::metricConductors($shapes) as $conductor) {
                        yield Design::of(
                            Cores::One, RatedVoltage::parse($voltage), null, $conductor, $insulation, InsulationScreen::Strippable, $screen,
                            null,
                            Armour::None === $armour ? Bedding::None : Bedding::Extruded, $armour, SheathMaterial::Pe,
                        );
                    }
                }
            }
        }
    }

    /**
     * @param list<string>         $voltages
     * @param list<ConductorShape> $shapes
     * @param list<Armour>         $armours
     *
     * @return iterable<Design>
     */
    private static function iecThree(array $voltages, array $shapes, array $armours): iterable
    {
        foreach ($voltages as $voltage) {
            foreach ($armours as $armour) {
                foreach (self::metricConductors($shapes, 400) as $conductor) {
                    yield Design::of(
                        Cores::Three, RatedVoltage::parse($voltage), null, $conductor, InsulationMaterial::Xlpe,
                        InsulationScreen::Strippable, MetallicScreen::CopperTape, null,
                        Bedding::Extruded, $armour, SheathMaterial::Pvc,
                    );
                }
            }
        }
    }

    /**
     * @param list<ConductorShape> $shapes
     *
     * @return iterable<Conductor>
     */
    private static function metricConductors(array $shapes, int $largest = 1000): iterable
    {
        foreach ($shapes as $shape) {
            foreach (Iec60228::sizes() as $area) {
                foreach ($area <= $largest && $area >= 16 ? ConductorMaterial::cases() : [] as $material) {
                    yield new Conductor($material, $shape, ConductorSize::ofSquareMillimetres($area));
                }
            }
        }
    }

    /**
     * @param list<int>                $classes
     * @param list<int>                $levels
     * @param list<ConductorShape>     $shapes
     * @param list<InsulationMaterial> $insulations
     * @param list<MetallicScreen>     $screens
     *
     * @return iterable<Design>
     */
    private static function icea(array $classes, array $levels, array $shapes, array $insulations, array $screens): iterable
    {
        foreach ($classes as $class) {
            foreach ($levels as $level) {
                foreach ($insulations as $insulation) {
                    foreach ($screens as $screen) {
                        foreach (self::awgConductors($shapes) as $conductor) {
                            yield self::northAmerican($class, $level, $conductor, $insulation, $screen, null);
                        }
                    }
                }
            }
        }
    }

    /**
     * @param list<int>                $classes
     * @param list<int>                $levels
     * @param list<ConductorShape>     $shapes
     * @param list<InsulationMaterial> $insulations
     *
     * @return iterable<Design>
     */
    private static function neutrals(array $classes, array $levels, array $shapes, array $insulations): iterable
    {
        foreach ($classes as $class) {
            foreach ($levels as $level) {
                foreach ($insulations as $insulation) {
                    foreach (self::awgConductors($shapes) as $conductor) {
                        foreach (self::wirings($conductor) as $wires) {
                            yield self::northAmerican($class, $level, $conductor, $insulation, MetallicScreen::ConcentricNeutral, $wires);
                        }
                    }
                }
            }
        }
    }

    /**
     * @param list<int>            $classes
     * @param list<int>            $levels
     * @param list<ConductorShape> $shapes
     *
     * @return iterable<Design>
     */
    private static function iceaThree(array $classes, array $levels, array $shapes): iterable
    {
        foreach ($classes as $class) {
            foreach ($levels as $level) {
                foreach (self::awgConductors($shapes) as $conductor) {
                    yield self::northAmerican(
                        $class, $level, $conductor, InsulationMaterial::Epr, MetallicScreen::CopperTape, null, Cores::Three,
                    );
                }
            }
        }
    }

    /** @return array<string, ScreenWires> the neutrals that differ, by their wiring: two shares can come to the same six wires */
    private static function wirings(Conductor $conductor): array
    {
        $wirings = [];
        foreach (NeutralShare::cases() as $share) {
            $wires = $share->wiresFor($conductor);
            $wirings[$wires->count.'x'.$wires->diameter->nanometres] = $wires;
        }

        return $wirings;
    }

    private static function northAmerican(
        int $class,
        int $level,
        Conductor $conductor,
        InsulationMaterial $insulation,
        MetallicScreen $screen,
        ?ScreenWires $wires,
        Cores $cores = Cores::One,
    ): Design {
        return Design::of(
            $cores, RatedVoltage::parse("$class kV"), InsulationLevel::from($level), $conductor, $insulation, InsulationScreen::Strippable,
            $screen, $wires,
            Bedding::None, Armour::None, MetallicScreen::ConcentricNeutral === $screen ? SheathMaterial::Pe : SheathMaterial::Pvc,
        );
    }

    /**
     * @param list<ConductorShape> $shapes
     *
     * @return iterable<Conductor>
     */
    private static function awgConductors(array $shapes): iterable
    {
        foreach ($shapes as $shape) {
            foreach (Astm::sizes() as $size) {
                foreach (ConductorMaterial::cases() as $material) {
                    yield new Conductor($material, $shape, ConductorSize::parse($size));
                }
            }
        }
    }

    /** @return iterable<Design> */
    private static function underLead(): iterable
    {
        $paper = InsulationMaterial::Paper;
        foreach ([70, 95, 120, 150, 185, 240, 300] as $area) {
            foreach (ConductorMaterial::cases() as $material) {
                $sector = new Conductor($material, ConductorShape::Sector, ConductorSize::ofSquareMillimetres($area));
                $round = new Conductor($material, ConductorShape::Stranded, ConductorSize::ofSquareMillimetres($area));
                yield self::lead(Cores::Three, '6.35/11 (12) kV', $sector, $paper, InsulationScreen::None, Armour::SteelWire);
                yield self::lead(Cores::Three, '6.35/11 (12) kV', $sector, $paper, InsulationScreen::MetallisedPaper, Armour::SteelTape);
                yield self::lead(Cores::Three, '8.7/15 (17.5) kV', $sector, $paper, InsulationScreen::MetallisedPaper, Armour::SteelWire);
                yield self::lead(Cores::Three, '12.7/22 (24) kV', $round, $paper, InsulationScreen::MetallisedPaper, Armour::SteelWire);
                yield self::lead(Cores::One, '6.35/11 (12) kV', $round, $paper, InsulationScreen::MetallisedPaper, Armour::None);
            }
        }
        foreach (['2/0 AWG', '4/0 AWG', '350 kcmil', '500 kcmil', '750 kcmil'] as $size) {
            $sector = new Conductor(ConductorMaterial::Copper, ConductorShape::Sector, ConductorSize::parse($size));
            $round = new Conductor(ConductorMaterial::Copper, ConductorShape::Stranded, ConductorSize::parse($size));
            yield self::lead(Cores::Three, '15 kV', $sector, $paper, InsulationScreen::None, Armour::None);
            yield self::lead(Cores::Three, '15 kV', $sector, $paper, InsulationScreen::MetallisedPaper, Armour::None);
            yield self::lead(
                Cores::One, '15 kV', $round, InsulationMaterial::VarnishedCambric, InsulationScreen::CarbonPaper, Armour::None,
            );
        }
    }

    private static function lead(
        Cores $cores, string $voltage, Conductor $conductor, InsulationMaterial $insulation, InsulationScreen $screen, Armour $armour,
    ): Design {
        return Design::of(
            $cores, RatedVoltage::parse($voltage), null, $conductor, $insulation, $screen, MetallicScreen::LeadSheath, null,
            Armour::None === $armour
                ? Bedding::None
                : Bedding::Lapped, $armour, Armour::None === $armour
                ? SheathMaterial::Pe
                : SheathMaterial::Serving,
        );
    }
}
