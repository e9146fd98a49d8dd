<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Standard\FictitiousDiameter;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FictitiousDiameterTest extends TestCase
{
    /** Source: IEC 60502-2 table A.1, values from memory. */
    #[Test]
    public function conductorsHaveTheDiametersOfTableA1(): void
    {
        foreach ([
            10 => '3.6',
            16 => '4.5',
            25 => '5.6',
            35 => '6.7',
            50 => '8',
            70 => '9.4',
            95 => '11',
            120 => '12.4',
            150 => '13.8',
            185 => '15.3',
            240 => '17.5',
            300 => '19.5',
            400 => '22.6',
            500 => '25.2',
            630 => '28.3',
            800 => '31.9',
            1000 => '35.7',
        ] as $area => $diameter) {
            self::assertSame("$diameter mm", FictitiousDiameter::ofConductor($area)->toText());
        }
    }

    /** Source: IEC 60502-2 table A.2, values from memory, likely; between two rows the larger counts. */
    #[Test]
    public function screensAddWhatTableA2Says(): void
    {
        foreach ([
            ['4', '0.5'], ['16', '1.1'], ['17', '1.2'], ['25', '1.2'], ['35', '1.4'], ['50', '1.7'], ['95', '2.4'], ['300', '6'],
        ] as [$copper, $increase]) {
            self::assertSame("$increase mm", FictitiousDiameter::screenIncrease((float) $copper)->toText());
        }
        self::assertSame('0 mm', FictitiousDiameter::screenIncrease(0)->toText());
    }

    /**
     * Source: worked by hand after IEC 60502-2 Annex A, every step to 0.1 mm: conductor, core, screened, laid up, bedded, under armour,
     * under sheath, sheath, over all.
     *
     * @return iterable<string, array{Cores, int, int, float, Bedding, Armour, string}>
     */
    public static function chains(): iterable
    {
        yield '1×240 12/20 kV, 25 mm² of wires' => [
            Cores::One, 240, 5500, 25, Bedding::None, Armour::None, '17.5 31.5 32.7 32.7 32.7 32.7 32.7 2.1 36.9',
        ];
        // 11 + 6.8 + 3 = 20.8; + 0.8; × 2.16 = 46.66; + 1.2; wire 2.5: + 5; 0.035 × 52.9 + 1 = 2.8515.
        yield '3×95 6/10 kV, 8 mm² of tape, steel wires' => [
            Cores::Three, 95, 3400, 8, Bedding::Extruded, Armour::SteelWire, '11 20.8 21.6 46.7 47.9 47.9 52.9 2.9 58.7',
        ];
        // 12.4 + 6.8 + 3 = 22.2; + 0.8; × 2.16 = 49.68; + 1.2; tapes: + 1.6, 4 × 0.5; 0.035 × 54.5 + 1 = 2.9075.
        yield '3×120 6/10 kV, 8 mm² of tape, steel tapes' => [
            Cores::Three, 120, 3400, 8, Bedding::Extruded, Armour::SteelTape, '12.4 22.2 23 49.7 50.9 52.5 54.5 2.9 60.3',
        ];
        // 15.3 + 6.8 + 3 = 25.1; + 0.8; separation 0.02 × 25.9 + 0.6 = 1.118, at least 1.2: + 2.4; wire 2.0: + 4; 0.035 × 32.3 + 1 =
        // 2.1305.
        yield '1×185 6/10 kV, 9 mm² of tape, aluminium wires' => [
            Cores::One, 185, 3400, 9, Bedding::Extruded, Armour::AluminiumWire, '15.3 25.1 25.9 25.9 28.3 28.3 32.3 2.1 36.5',
        ];
        // 8 + 5 + 3 = 16; + 0.6; 0.035 × 16.6 + 1 = 1.581, directly over metal at least 1.8.
        yield '1×50 3.6/6 kV, 6 mm² of tape' => [
            Cores::One, 50, 2500, 6, Bedding::None, Armour::None, '8 16 16.6 16.6 16.6 16.6 16.6 1.8 20.2',
        ];
        yield 'the same with a covering and no armour: of one core none is counted' => [
            Cores::One, 50, 2500, 6, Bedding::Extruded, Armour::None, '8 16 16.6 16.6 16.6 16.6 16.6 1.8 20.2',
        ];
        // 11 + 6.8 + 3 = 20.8; + 0.8; × 2.16 = 46.66; + 1.2 of covering, which lies over the metal: 0.035 × 47.9 + 1 = 2.6765.
        yield '3×95 6/10 kV, 8 mm² of tape, a covering and no armour' => [
            Cores::Three, 95, 3400, 8, Bedding::Extruded, Armour::None, '11 20.8 21.6 46.7 47.9 47.9 47.9 2.7 53.3',
        ];
        // 19.5 + 16 + 3 = 38.5; + 1.2; 0.035 × 39.7 + 1 = 2.3895.
        yield '1×300 18/30 kV, 25 mm² of wires' => [
            Cores::One, 300, 8000, 25, Bedding::None, Armour::None, '19.5 38.5 39.7 39.7 39.7 39.7 39.7 2.4 44.5',
        ];
    }

    #[Test]
    #[DataProvider('chains')]
    public function aChainWorkedByHandComesOutTheSame(
        Cores $cores, int $area, int $insulation, float $copper, Bedding $bedding, Armour $armour, string $chain,
    ): void {
        $worked = FictitiousDiameter::of($cores, $area, Length::ofMicrometres($insulation), $copper, $bedding, $armour);
        $steps = [
            $worked->conductor,
            $worked->core,
            $worked->screened,
            $worked->laidUp,
            $worked->bedding,
            $worked->underArmour,
            $worked->underOversheath,
            $worked->oversheath,
            $worked->overAll(),
        ];
        self::assertSame($chain, implode(' ', array_map(LengthFormat::exactMillimetres(...), $steps)));
    }

    /** Source: IEC 60502-2, clauses on the oversheath and the separation sheath, from memory. */
    #[Test]
    public function sheathsHaveALeastThickness(): void
    {
        $small = Length::ofMillimetres(8);
        self::assertSame(
            ['1.8 mm', '1.4 mm', '1.2 mm'],
            [
                FictitiousDiameter::oversheathOver($small)->toText(),
                FictitiousDiameter::oversheathOver($small, false)->toText(),
                FictitiousDiameter::separationSheathOver($small)->toText(),
            ],
        );
    }
}
