<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Identification;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\Seen;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\Fields;
use Berm\Core\Identification\Agreement;
use Berm\Core\Identification\Candidate;
use Berm\Core\Identification\Catalogue;
use Berm\Core\Identification\Evidence;
use Berm\Core\Identification\Identification;
use Berm\Core\Identification\NextLook;
use Berm\Core\Identification\Sight;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class IdentificationTest extends TestCase
{
    private static ?Catalogue $catalogue = null;

    /** Nominal diameters of a construction find it, or one that nothing measured or seen tells from it. */
    #[Test]
    public function everyFiftiethConstructionIsFoundByItsOwnDiameters(): void
    {
        $tried = 0;
        foreach (array_chunk([...Library::shipped()], 50) as [$cable]) {
            $readings = [];
            foreach ($cable->design->measurableLayers() as $kind) {
                $readings[$kind->value] = self::read(LengthFormat::millimetres($cable->diameterOver($kind) ?? Length::ofMillimetres(1), 2));
            }
            $ranked = self::rank(
                $readings,
                new Seen(
                    cores: $cable->design->cores,
                    material: $cable->design->conductor->material,
                    insulation: $cable->design->insulation,
                    screen: $cable->design->metallicScreen,
                    armour: $cable->design->armour,
                ),
            );
            self::assertTrue($ranked[0]->isPossible(), $cable->designation);
            self::assertContains(
                $cable->designation,
                array_map(static fn (Candidate $candidate): string => $candidate->designation, \array_slice($ranked, 0, 6)),
                $cable->designation,
            );
            ++$tried;
        }
        self::assertGreaterThan(10, $tried);
    }

    #[Test]
    public function aLabelReadAs133PerCentIsToldFromACableOf100(): void
    {
        $ranked = self::rank(
            ['conductor' => self::read('9.18'), 'insulation' => self::read('19.0', '19.05')],
            new Seen(material: ConductorMaterial::Aluminium, screen: MetallicScreen::CopperTape),
        );
        self::assertSame(['1/0 AWG Al XLPE 15 kV 100 %, tape shield', true], [$ranked[0]->designation, $ranked[0]->isPossible()]);
        $named = self::candidate('icea-1-0-al-15-133', ['conductor' => self::read('9.18'), 'insulation' => self::read('19.0', '19.05')]);
        self::assertFalse($named->isPossible());
        self::assertSame(
            ['From the [conductor] to the [insulation], a wall of 4.92 mm; this type has 6.05 mm, from 5.64 mm to 7.11 mm.'],
            self::against($named),
        );
    }

    #[Test]
    public function aCompactedConductorIsToldFromACompressedOne(): void
    {
        $all = Catalogue::of(Library::all());
        $evidence = Evidence::of(AsFound::sheet(
            ['conductor' => self::read('8.53'), 'insulation' => self::read('18.3')],
            [],
            [],
            null,
            null,
            '',
            new Seen(material: ConductorMaterial::Aluminium, isStranded: true),
        ));
        $ranked = Identification::rank($all, $evidence, 3);
        self::assertStringContainsString('1/0 AWG Al compacted', $ranked[0]->designation);
    }

    #[Test]
    public function aBeltedPaperCableIsFoundFromTheLeadAndTheEye(): void
    {
        $ranked = self::rank(
            ['lead-sheath' => self::read('43.8'), 'armour' => self::read('56')],
            new Seen(
                cores: Cores::Three,
                isSector: true,
                material: ConductorMaterial::Copper,
                insulation: InsulationMaterial::Paper,
                armour: Armour::SteelWire,
            ),
        );
        self::assertSame('3×150 Cu paper 6.35/11 (12) kV, belted, lead sheath, steel wire armour', $ranked[0]->designation);
    }

    #[Test]
    public function countedWiresTellAFullNeutralFromAThird(): void
    {
        $readings = ['conductor' => self::read('13.0'), 'insulation' => self::read('23.0')];
        self::assertStringContainsString(
            'concentric neutral 11×1.63 mm',
            self::rank(
                $readings, new Seen(material: ConductorMaterial::Aluminium, screen: MetallicScreen::ConcentricNeutral, wireCount: 11),
            )[0]->designation,
        );
        self::assertStringContainsString(
            'concentric neutral 13×2.59 mm',
            self::rank(
                $readings, new Seen(material: ConductorMaterial::Aluminium, screen: MetallicScreen::ConcentricNeutral, wireCount: 13),
            )[0]->designation,
        );
        $wrong = self::candidate(
            'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163', $readings, new Seen(material: ConductorMaterial::Copper, wireCount: 13),
        );
        self::assertSame([Sight::Material, Sight::WireCount], $wrong->contradictions);
    }

    #[Test]
    public function theNextLookSeparatesTheTwoBest(): void
    {
        $readings = ['conductor' => self::read('11.5')];
        $byEye = self::next($readings, Seen::nothing());
        self::assertNull($byEye->kind);
        self::assertStringStartsWith('Look whether the conductor is copper or aluminium', $byEye->advice->template);
        $seen = new Seen(
            cores: Cores::One,
            isSector: false,
            material: ConductorMaterial::Aluminium,
            isStranded: true,
            insulation: InsulationMaterial::Xlpe,
            screen: MetallicScreen::CopperTape,
            armour: Armour::None,
        );
        $byCaliper = self::next($readings, $seen);
        self::assertSame(LayerKind::Insulation, $byCaliper->kind, 'the wall tells the voltages apart');
        // 11.5 mm of conductor as read, and what each type has nominally on it: 2 × (0.6 + 3.4) mm, or 2 × (0.6 + 2.5) mm.
        $said = (new Reader(LengthUnit::Millimetre))->say($byCaliper->advice);
        self::assertStringStartsWith('Measure over the insulation: about ', $said);
        foreach (['speaks for', 'for'] as $i => $speaks) {
            $ranked = self::rank($readings, $seen)[$i]->designation;
            $nominal = self::nominal($ranked, LayerKind::Insulation) - self::nominal($ranked, LayerKind::Conductor) + 11.5;
            self::assertStringContainsString(\sprintf('about %s mm %s %s', round($nominal, 2), $speaks, $ranked), $said);
        }
    }

    #[Test]
    public function oneGrossReadingDoesNotOutvoteTheOthers(): void
    {
        $ranked = self::rank(
            [
                'conductor' => self::read('11.5'),
                'insulation' => self::read('19.5'),
                'insulation-screen' => self::read('21.1'),
                'oversheath' => self::read('70'),
            ],
            new Seen(material: ConductorMaterial::Aluminium, screen: MetallicScreen::CopperTape, cores: Cores::One, armour: Armour::None),
        );
        self::assertStringStartsWith('1×95 Al', $ranked[0]->designation);
        self::assertFalse($ranked[0]->isPossible());
        self::assertCount(1, self::against($ranked[0]));
    }

    /** Both have what was measured as their nominal: the one whose makers keep closer to it is the likelier. */
    #[Test]
    public function ofTwoThatAgreeTheOneThatIsMadeMoreExactlyIsLikelier(): void
    {
        $type = static fn (string $id, string $min, string $max): Construction => Fields::read([
            'id' => $id, 'revision' => 1, 'designation' => $id, 'ratedVoltage' => '6.35/11 (12) kV',
            'conductor' => ['material' => 'aluminium', 'shape' => 'compacted', 'size' => '95 mm²'],
            'insulation' => 'xlpe', 'metallicScreen' => 'copper-tape', 'oversheath' => 'pe',
            'layers' => [
                ['layer' => 'conductor', 'diameter' => '11.5 mm', 'min' => '11 mm', 'max' => '12 mm'],
                ['layer' => 'insulation', 'diameter' => '19.5 mm', 'min' => $min, 'max' => $max],
            ],
        ], CableTypeFile::read(...));
        $catalogue = Catalogue::of([$type('wide', '16.5 mm', '22.5 mm'), $type('narrow', '19 mm', '20 mm')]);
        $ranked = static fn (string $insulation): array => array_map(
            static fn (Candidate $one): string => $one->designation,
            Identification::rank($catalogue, self::evidence(['insulation' => self::read($insulation)], Seen::nothing()), 2),
        );
        self::assertSame(['narrow', 'wide'], $ranked('19.5'));
        self::assertSame(['wide', 'narrow'], $ranked('21.5'), 'where only the wide one reaches');
    }

    #[Test]
    public function nothingMeasuredAndNothingSeenGivesNoRanking(): void
    {
        self::assertSame([], self::rank([], Seen::nothing()));
    }

    private static function nominal(string $designation, LayerKind $layer): float
    {
        foreach (Library::shipped() as $cable) {
            if ($cable->designation === $designation) {
                return $cable->diameterOver($layer)?->inMillimetres() ?? 0.0;
            }
        }
        self::fail("no $designation");
    }

    /** A wire of 1.63 mm, read by a caliper: 5 % of it and 0.05 mm are no other wire. */
    #[Test]
    public function aWireIsAnotherOneOnlyWhereToleranceAndInstrumentCannotTell(): void
    {
        $against = static fn (string $typed): array => self::candidate(
            'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163', ['conductor' => self::read('13.0')],
            new Seen(wireDiameter: self::read($typed)[0]),
        )->contradictions;
        self::assertSame([], $against('1.63'));
        self::assertSame([[], [Sight::WireDiameter]], [$against('1.70'), $against('2.05')]);
        self::assertSame([Sight::WireDiameter], $against('1.2'));
    }

    /**
     * @param array<string, list<Reading>> $readings
     *
     * @return list<Candidate>
     */
    private static function rank(array $readings, Seen $seen): array
    {
        return Identification::rank(self::catalogue(), self::evidence($readings, $seen), 8);
    }

    /** @param array<string, list<Reading>> $readings */
    private static function next(array $readings, Seen $seen): NextLook
    {
        $ranked = self::rank($readings, $seen);

        return NextLook::between(self::catalogue(), self::evidence($readings, $seen), $ranked[0], $ranked[1]);
    }

    /** @param array<string, list<Reading>> $readings */
    private static function candidate(string $id, array $readings, ?Seen $seen = null): Candidate
    {
        $place = self::catalogue()->find($id, 2);
        self::assertNotNull($place, $id);

        return Candidate::of(self::catalogue(), self::evidence($readings, $seen ?? Seen::nothing()), $place, 0);
    }

    /** @return list<string> */
    private static function against(Candidate $candidate): array
    {
        $contradicting = array_filter($candidate->agreements, static fn (Agreement $agreement): bool => $agreement->isContradicted());

        return array_values(array_map(
            static fn (Agreement $agreement): string => strtr(
                (new Reader(LengthUnit::Millimetre))->say($agreement->reason),
                ['conductor' => '[conductor]', 'the insulation' => 'the [insulation]'],
            ),
            $contradicting,
        ));
    }

    /** @param array<string, list<Reading>> $readings */
    private static function evidence(array $readings, Seen $seen): Evidence
    {
        return Evidence::of(AsFound::sheet($readings, [], [], null, null, '', $seen));
    }

    private static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::of(Library::shipped());
    }

    /** @return list<Reading> */
    private static function read(string ...$typed): array
    {
        return array_values(array_map(
            static fn (string $text): Reading => Reading::typed($text, LengthUnit::Millimetre, Instrument::Caliper), $typed,
        ));
    }
}
