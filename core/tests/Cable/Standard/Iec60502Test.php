<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\Standard\Iec60502;
use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class Iec60502Test extends TestCase
{
    /**
     * Source: IEC 60502-2 tables 6 and 7 and the least thickness 0.9 tn - 0.1 mm, values from memory; 6.35/11 and 12.7/22 kV as BS 6622.
     *
     * @return iterable<string, array{int, int, string, string}>
     */
    public static function insulation(): iterable
    {
        yield '3.6/6 kV, 10 mm²' => [7_200, 10, '2.5 mm', '2.15 mm'];
        yield '3.6/6 kV, 185 mm²' => [7_200, 185, '2.5 mm', '2.15 mm'];
        yield '3.6/6 kV, 240 mm²' => [7_200, 240, '2.6 mm', '2.24 mm'];
        yield '3.6/6 kV, 300 mm²' => [7_200, 300, '2.8 mm', '2.42 mm'];
        yield '3.6/6 kV, 400 mm²' => [7_200, 400, '3 mm', '2.6 mm'];
        yield '3.6/6 kV, 500 mm²' => [7_200, 500, '3.2 mm', '2.78 mm'];
        yield '6.35/11 kV, smallest' => [12_000, 16, '3.4 mm', '2.96 mm'];
        yield '6.35/11 kV' => [12_000, 95, '3.4 mm', '2.96 mm'];
        yield '8.7/15 kV' => [17_500, 95, '4.5 mm', '3.95 mm'];
        yield '12.7/22 kV' => [24_000, 150, '5.5 mm', '4.85 mm'];
        yield '18/30 kV' => [36_000, 240, '8 mm', '7.1 mm'];
    }

    #[Test]
    #[DataProvider('insulation')]
    public function insulationHasTheThicknessOfTheTables(int $volts, int $area, string $nominal, string $least): void
    {
        $thickness = Iec60502::insulationThickness($volts, $area);
        self::assertSame([$nominal, $least], [$thickness->toText(), Iec60502::leastInsulation($thickness)->toText()]);
    }

    /**
     * Source: IEC 60502-2 tables 8 (inner covering), 9 (round wire) and 10 (steel tape), at the rows' ends, values from memory.
     *
     * @return iterable<string, array{string, string, string, string}>
     */
    public static function coverings(): iterable
    {
        yield 'at 10' => ['10 mm', '1 mm', '0.8 mm', '0.2 mm'];
        yield 'above 10' => ['10.1 mm', '1 mm', '1.25 mm', '0.2 mm'];
        yield 'at 25' => ['25 mm', '1 mm', '1.6 mm', '0.2 mm'];
        yield 'above 25' => ['25.1 mm', '1.2 mm', '2 mm', '0.2 mm'];
        yield 'above 30' => ['30.1 mm', '1.2 mm', '2 mm', '0.5 mm'];
        yield 'above 35' => ['35.1 mm', '1.4 mm', '2.5 mm', '0.5 mm'];
        yield 'above 45' => ['45.1 mm', '1.6 mm', '2.5 mm', '0.5 mm'];
        yield 'above 60' => ['60.1 mm', '1.8 mm', '3.15 mm', '0.5 mm'];
        yield 'above 80' => ['80.1 mm', '2 mm', '3.15 mm', '0.8 mm'];
    }

    #[Test]
    #[DataProvider('coverings')]
    public function coveringsAndArmourAreThoseOfTheTables(string $over, string $covering, string $wire, string $tape): void
    {
        $diameter = Length::parseWithUnit($over);
        self::assertSame(
            [$covering, $wire, $tape],
            [
                Iec60502::innerCovering($diameter)->toText(),
                Iec60502::armourWire($diameter)->toText(),
                Iec60502::armourTape($diameter)->toText(),
            ],
        );
    }

    /** Source: IEC 60502-2 clauses on the oversheath and the separation sheath: 0.85 tn - 0.1, 0.80 tn - 0.2; from memory. */
    #[Test]
    public function theLeastSheathIsReckonedByWhatLiesUnderIt(): void
    {
        $two = Length::ofMillimetres(2);
        self::assertSame(
            ['1.6 mm', '1.4 mm', '1.4 mm'],
            [
                Iec60502::leastOversheath($two)->toText(),
                Iec60502::leastOversheath($two, false)->toText(),
                Iec60502::leastCovering($two)->toText(),
            ],
        );
    }

    #[Test]
    public function whatTheTableDoesNotGiveIsNotInvented(): void
    {
        $this->expectException(NotInStandard::class);
        $this->expectExceptionMessage('IEC 60502-2 table 6 gives no value for 52000 V.');
        Iec60502::insulationThickness(52_000, 95);
    }
}
