<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\ImpossibleDesign;
use Berm\Core\Cable\ScreenWires;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ScreenWiresTest extends TestCase
{
    /** ASTM B258: 14 AWG is 1.628 mm and 2.08 mm², so eleven of them are 22.9 mm² (from memory). */
    #[Test]
    public function theirCopperIsThatOfTheTables(): void
    {
        self::assertEqualsWithDelta(11 * 2.08, ScreenWires::of(11, Length::ofMicrometres(1628))->area(), 0.05);
        self::assertEqualsWithDelta(\M_PI, ScreenWires::of(1, Length::ofMillimetres(2))->area(), 1e-9);
    }

    #[Test]
    public function aWireIsNeitherAHairNorARod(): void
    {
        self::assertSame(2, ScreenWires::of(2, Length::ofMicrometres(200))->count);
        self::assertSame(2, ScreenWires::of(2, Length::ofMillimetres(6))->count);
        self::assertSame(
            [1, 200], array_map(static fn (int $count): int => ScreenWires::of($count, Length::ofMillimetres(1))->count, [1, 200]),
        );
        foreach ([0, 201] as $count) {
            try {
                ScreenWires::of($count, Length::ofMillimetres(1));
                self::fail('it is taken');
            } catch (ImpossibleDesign $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
        foreach ([Length::ofMicrometres(199), Length::ofMicrometres(6001)] as $diameter) {
            try {
                ScreenWires::of(2, $diameter);
                self::fail('it is taken');
            } catch (ImpossibleDesign $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }
}
