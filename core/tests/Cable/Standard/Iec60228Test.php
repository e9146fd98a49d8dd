<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\Standard\Iec60228;
use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class Iec60228Test extends TestCase
{
    /**
     * Source: IEC 60228 table 2 (class 2, plain copper and aluminium) and table 1 (class 1), Ω/km at 20 °C, values from memory.
     *
     * @return iterable<string, array{int, ConductorShape, string, string}>
     */
    public static function resistances(): iterable
    {
        $stranded = [
            16 => ['1.15', '1.91'], 25 => ['0.727', '1.2'], 35 => ['0.524', '0.868'], 50 => ['0.387', '0.641'], 70 => ['0.268', '0.443'],
            95 => ['0.193', '0.32'], 120 => ['0.153', '0.253'],
            150 => ['0.124', '0.206'], 185 => ['0.0991', '0.164'], 240 => ['0.0754', '0.125'], 300 => ['0.0601', '0.1'],
            400 => ['0.047', '0.0778'], 500 => ['0.0366', '0.0605'],
            630 => ['0.0283', '0.0469'], 800 => ['0.0221', '0.0367'], 1000 => ['0.0176', '0.0291'],
        ];
        foreach ($stranded as $area => [$copper, $aluminium]) {
            yield "$area mm², class 2" => [$area, ConductorShape::Compacted, $copper, $aluminium];
        }
        foreach ([
            185 => ['0.101', '0.164'], 240 => ['0.0775', '0.125'], 300 => ['0.062', '0.1'], 400 => ['0.0465', '0.0778'],
        ] as $area => [$copper, $aluminium]) {
            yield "$area mm², class 1" => [$area, ConductorShape::Solid, $copper, $aluminium];
        }
    }

    #[Test]
    #[DataProvider('resistances')]
    public function resistancesAreThoseOfTheTables(int $area, ConductorShape $shape, string $copper, string $aluminium): void
    {
        self::assertEqualsWithDelta(
            [(float) $copper, (float) $aluminium],
            [
                Iec60228::greatestResistance(ConductorMaterial::Copper, $shape, $area),
                Iec60228::greatestResistance(ConductorMaterial::Aluminium, $shape, $area),
            ],
            1e-12,
        );
        // The metal that the resistance needs is 88 to 98 % of the nominal area (rho 17.241 and 28.264 Ω·mm²/km, IEC 60287-1-1 table 1).
        foreach ([17.241 / (float) $copper, 28.264 / (float) $aluminium] as $effective) {
            self::assertEqualsWithDelta(0.93, $effective / $area, 0.055);
        }
    }

    /**
     * In millimetres: compacted min and max (IEC 60228 table C.2), stranded max and solid copper max (C.1), solid aluminium min and max
     * (C.3); values from
     * memory, C.1 and C.3 likely.
     *
     * @return iterable<string, array{int, string, string, string, string, string, string}>
     */
    public static function diameters(): iterable
    {
        yield '25' => [25, '5.6', '6.5', '6.6', '5.7', '5.2', '5.7'];
        yield '35' => [35, '6.6', '7.5', '7.9', '6.7', '6.1', '6.7'];
        yield '50' => [50, '7.7', '8.6', '9.1', '7.8', '7.2', '7.8'];
        yield '70' => [70, '9.3', '10.2', '11', '9.4', '8.7', '9.4'];
        yield '95' => [95, '11', '12', '12.9', '11', '10.3', '11'];
        yield '120' => [120, '12.3', '13.5', '14.5', '12.4', '11.6', '12.4'];
        yield '150' => [150, '13.7', '15', '16.2', '13.8', '12.9', '13.8'];
        yield '185' => [185, '15.3', '16.8', '18', '15.4', '14.5', '15.4'];
        yield '240' => [240, '17.6', '19.2', '20.6', '17.6', '16.7', '17.6'];
        yield '300' => [300, '19.7', '21.6', '23.1', '19.8', '18.8', '19.8'];
        yield '400' => [400, '22.3', '24.6', '26.1', '22.2', '21.2', '22.2'];
    }

    #[Test]
    #[DataProvider('diameters')]
    public function diametersAreThoseOfAnnexC(
        int $area, string $least, string $most, string $stranded, string $solidCopper, string $leastAluminium, string $mostAluminium,
    ): void {
        self::assertSame(["$least mm", "$most mm"], self::limits(ConductorMaterial::Aluminium, ConductorShape::Compacted, $area));
        self::assertSame("$stranded mm", self::limits(ConductorMaterial::Copper, ConductorShape::Stranded, $area)[1]);
        self::assertSame("$solidCopper mm", self::limits(ConductorMaterial::Copper, ConductorShape::Solid, $area)[1]);
        self::assertSame(
            ["$leastAluminium mm", "$mostAluminium mm"], self::limits(ConductorMaterial::Aluminium, ConductorShape::Solid, $area),
        );
    }

    #[Test]
    public function whatTheTablesDoNotGiveIsNotInvented(): void
    {
        $this->expectException(NotInStandard::class);
        $this->expectExceptionMessage('IEC 60228 table C.1 gives no value for 500 mm².');
        Iec60228::diameter(ConductorMaterial::Copper, ConductorShape::Solid, 500);
    }

    /** @return array{string|null, string|null} */
    private static function limits(ConductorMaterial $material, ConductorShape $shape, int $area): array
    {
        [$range] = Iec60228::diameter($material, $shape, $area);

        return [$range->min?->toText(), $range->max?->toText()];
    }
}
