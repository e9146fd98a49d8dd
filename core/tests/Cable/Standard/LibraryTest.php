<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\Icea;
use Berm\Core\Cable\Standard\Iec60228;
use Berm\Core\Cable\Standard\Iec60502;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LibraryTest extends TestCase
{
    /**
     * Source: IEC 60228:2004 table C.2 (circular compacted, class 2), values from memory, in millimetres.
     *
     * @return iterable<string, array{int, string, string}>
     */
    public static function compactedConductors(): iterable
    {
        yield '50' => [50, '7.7 mm', '8.6 mm'];
        yield '70' => [70, '9.3 mm', '10.2 mm'];
        yield '95' => [95, '11 mm', '12 mm'];
        yield '120' => [120, '12.3 mm', '13.5 mm'];
        yield '150' => [150, '13.7 mm', '15 mm'];
        yield '185' => [185, '15.3 mm', '16.8 mm'];
        yield '240' => [240, '17.6 mm', '19.2 mm'];
        yield '300' => [300, '19.7 mm', '21.6 mm'];
        yield '400' => [400, '22.3 mm', '24.6 mm'];
    }

    #[Test]
    #[DataProvider('compactedConductors')]
    public function conductorsHaveTheLimitsOfIec60228(int $area, string $min, string $max): void
    {
        self::assertSame([$min, $max], [Iec60228::compactedDiameter($area)->min?->toText(), Iec60228::compactedDiameter($area)->max?->toText()]);
        $window = Library::iec(ConductorMaterial::Aluminium, $area, '6.35/11 (12) kV')->layers['conductor']->window;
        self::assertSame([$min, $max], [$window?->min?->toText(), $window?->max?->toText()]);
    }

    /**
     * Source: IEC 60502-2 table 6 (XLPE) and its least thickness 0.9 tn - 0.1 mm, values from memory; 6.35/11 kV as BS 6622.
     *
     * @return iterable<string, array{int, int, string, string}>
     */
    public static function insulation(): iterable
    {
        yield '3.6/6 kV, 185 mm²' => [7_200, 185, '2.5 mm', '2.15 mm'];
        yield '3.6/6 kV, 240 mm²' => [7_200, 240, '2.6 mm', '2.24 mm'];
        yield '3.6/6 kV, 500 mm²' => [7_200, 500, '3.2 mm', '2.78 mm'];
        yield '6.35/11 kV' => [12_000, 95, '3.4 mm', '2.96 mm'];
        yield '8.7/15 kV' => [17_500, 95, '4.5 mm', '3.95 mm'];
        yield '12.7/22 kV' => [24_000, 150, '5.5 mm', '4.85 mm'];
        yield '18/30 kV' => [36_000, 240, '8 mm', '7.1 mm'];
    }

    #[Test]
    #[DataProvider('insulation')]
    public function insulationHasTheThicknessOfIec60502(int $volts, int $area, string $nominal, string $least): void
    {
        $thickness = Iec60502::insulationThickness($volts, $area);
        self::assertSame([$nominal, $least], [$thickness->toText(), Iec60502::leastInsulation($thickness)->toText()]);
    }

    /**
     * Source: IEC 60502-2 table A.1, values from memory.
     *
     * @return iterable<string, array{int, string}>
     */
    public static function fictitiousConductors(): iterable
    {
        foreach ([10 => '3.6', 25 => '5.6', 50 => '8', 95 => '11', 150 => '13.8', 185 => '15.3', 240 => '17.5', 300 => '19.5', 400 => '22.6', 630 => '28.3', 1000 => '35.7'] as $area => $diameter) {
            yield "$area mm²" => [$area, "$diameter mm"];
        }
    }

    #[Test]
    #[DataProvider('fictitiousConductors')]
    public function fictitiousDiametersAreThoseOfTheAnnex(int $area, string $diameter): void
    {
        self::assertSame($diameter, Iec60502::fictitiousConductor($area)->toText());
    }

    /** Source: worked by hand after IEC 60502-2 Annex A. 1 x 240 mm² 12/20 kV with 25 mm² of screen wires: 31.5, + 1.2, sheath 2.1. */
    #[Test]
    public function aFictitiousChainWorkedByHandComesOutTheSame(): void
    {
        $core = Iec60502::fictitiousCore(240, Iec60502::insulationThickness(24_000, 240));
        self::assertSame('31.5 mm', $core->toText());
        self::assertSame('2.1 mm', Iec60502::oversheathThickness($core->plus(Length::ofMicrometres(1200)))->toText());
        self::assertSame('1.7 mm', Iec60502::oversheathThickness(Iec60502::fictitiousCore(95, Length::ofMicrometres(3400))->plus(Length::ofMicrometres(500)))->toText());
        self::assertSame('1.4 mm', Iec60502::oversheathThickness(Length::ofMillimetres(8))->toText(), 'the least on a single core');
    }

    /**
     * Source: ASTM B231 compressed diameters and ICEA S-97-682 walls (nominal, least and greatest point), in mils, values from memory.
     *
     * @return iterable<string, array{string, int, int, int, int, int, int}>
     */
    public static function shieldedCables(): iterable
    {
        yield '2 AWG 15 kV 100 %' => ['2 AWG', 15, 100, 283, 175, 165, 205];
        yield '1/0 15 kV 133 %' => ['1/0 AWG', 15, 133, 362, 220, 210, 250];
        yield '2/0 15 kV 133 %' => ['2/0 AWG', 15, 133, 406, 220, 210, 250];
        yield '4/0 25 kV 100 %' => ['4/0 AWG', 25, 100, 512, 260, 245, 290];
        yield '250 15 kV 133 %' => ['250 kcmil', 15, 133, 558, 220, 210, 250];
        yield '350 35 kV 100 %' => ['350 kcmil', 35, 100, 661, 345, 330, 375];
        yield '500 15 kV 133 %' => ['500 kcmil', 15, 133, 789, 220, 210, 250];
        yield '750 25 kV 100 %' => ['750 kcmil', 25, 100, 968, 260, 245, 290];
    }

    #[Test]
    #[DataProvider('shieldedCables')]
    public function northAmericanCablesHaveTheDiametersAndWallsOfAstmAndIcea(string $size, int $kilovolts, int $level, int $conductor, int $wall, int $least, int $greatest): void
    {
        self::assertTrue(Icea::compressedDiameter($size)->equals(Length::ofMils($conductor)));
        [$nominal, $points] = Icea::insulationWall($kilovolts, $level);
        self::assertSame([$wall, $least, $greatest], array_map(static fn (?Length $length): int => intdiv($length->nanometres ?? 0, 25_400), [$nominal, $points->min, $points->max]));
        $cable = Library::icea(ConductorMaterial::Aluminium, $size, $kilovolts, $level);
        $walls = $cable->diameterOver(LayerKind::Insulation)->minus($cable->diameterOver(LayerKind::ConductorScreen));
        self::assertTrue($walls->equals(Length::ofMils(2 * $wall)));
    }

    /**
     * Source: the 15 kV tape-shield cable table printed in distribution-system textbooks, 1/0 AWG at 133 %: jacket 80 mils, outside
     * diameter 1.06 in, diameter over insulation 0.82 in; from memory. Deviation: ours is typical, with a 6 mil allowance on the conductor shield.
     */
    #[Test]
    public function aTextbookCableLiesWithinOurWindows(): void
    {
        $cable = Library::icea(ConductorMaterial::Aluminium, '1/0 AWG', 15, 133);
        self::assertTrue($cable->layers['insulation']->window?->contains(Length::ofMils(820)));
        self::assertTrue($cable->layers['oversheath']->window?->contains(Length::ofMils(1060)));
        self::assertTrue(Icea::jacketWall(Length::ofMils(910))->equals(Length::ofMils(80)));
    }

    #[Test]
    public function everyConstructionIsOrderedAndEachNominalLiesInItsWindow(): void
    {
        $ids = [];
        foreach (Library::all() as $cable) {
            $ids[] = $cable->revision->id;
            foreach ($cable->layers as $layer) {
                self::assertTrue($layer->window?->contains($layer->diameter), $cable->designation.' '.$layer->kind->value);
            }
        }
        self::assertGreaterThanOrEqual(30, \count($ids));
        self::assertSame($ids, array_values(array_unique($ids)));
    }

    #[Test]
    public function whatTheTableDoesNotGiveIsNotInvented(): void
    {
        $this->expectException(NotInStandard::class);
        $this->expectExceptionMessage('IEC 60502-2 table 6 gives no value for 52000 V.');
        Iec60502::insulationThickness(52_000, 95);
    }
}
