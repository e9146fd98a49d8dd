<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Material;

use Berm\Core\Material\Bundle;
use Berm\Core\Material\Manner;
use Berm\Core\Material\Shrink;
use Berm\Core\Material\Stretch;
use Berm\Core\Material\Strip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Held against textbook geometry by another way: by finding where the areas agree, and by adding up turn after turn. */
final class GeometryTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> beneath, recovered bore, recovered wall, in mm */
    public static function tubes(): iterable
    {
        yield 'tight' => [28.0, 16.0, 2.6];
        yield 'hardly tight' => [16.001, 16.0, 2.6];
        yield 'thick' => [31.8, 13.97, 3.81];
        yield 'loose' => [12.0, 16.0, 2.6];
    }

    /** The recovered area is laid down in thin rings upon what lies beneath, until it is used up. */
    #[Test]
    #[DataProvider('tubes')]
    public function aShrunkTubeKeepsItsCrossSection(float $beneath, float $bore, float $wall): void
    {
        $inside = max($beneath, $bore);
        $area = $sum = 0.0;
        for ($i = 0, $n = 100_000; $i < $n; ++$i) {
            $area += 2 * \M_PI * ($bore / 2 + ($i + 0.5) * $wall / $n) * $wall / $n;
        }
        $low = $inside;
        $high = 10 * $inside;
        for ($i = 0; $i < 60; ++$i) {
            $sum = \M_PI / 4 * ((($low + $high) / 2) ** 2 - $inside ** 2);
            [$low, $high] = $sum < $area ? [($low + $high) / 2, $high] : [$low, ($low + $high) / 2];
        }

        self::assertEqualsWithDelta($low, Shrink::outside($beneath, $bore, $wall), 1e-4);
    }

    /** A body of 20 mm bore and 8 mm wall: π/4 (36² - 20²) of rubber, which over 30 mm gives √(30² + 896). */
    #[Test]
    public function aStretchedBodyKeepsItsCrossSection(): void
    {
        self::assertEqualsWithDelta(42.3792402, Stretch::outside(30, 20, 8), 1e-6);
        self::assertEqualsWithDelta(36.0, Stretch::outside(20, 20, 8), 1e-12);
        self::assertEqualsWithDelta(36.0, Stretch::outside(18, 20, 8), 1e-12);
        self::assertSame([50.0, -10.0], [Stretch::percent(30, 20), round(Stretch::percent(18, 20), 9)]);
    }

    /** Common practice: drawn to half its width, a strip that keeps its volume is four times as long and half as thick. */
    #[Test]
    public function aStripDrawnToHalfItsWidthIsFourTimesAsLong(): void
    {
        $drawn = new Strip(50, 3, 0.5, Manner::Helix, 0.5);
        $plain = new Strip(25, 1.5, 1.0, Manner::Helix, 0.5);

        self::assertSame([25.0, 1.5], [$drawn->widthOn(), $drawn->thicknessOn()]);
        self::assertEqualsWithDelta(4.0, $plain->supplied(30, 2, 158) / $drawn->supplied(30, 2, 158), 1e-12);
    }

    /** Two layers a pass with half lap: four thicknesses on the diameter. */
    #[Test]
    public function passesBuildUpToADiameterAndNoFurtherThanTheyMust(): void
    {
        $tape = new Strip(50, 3, 0.5, Manner::Helix, 0.5);

        self::assertSame([2, 2, 1, 0, 0], array_map(
            static fn (float $to): int => $tape->passesTo($to, 30.0), [37.0, 42.0, 36.0, 30.0, 12.0],
        ));
        self::assertSame(42.0, $tape->outside(30.0, 2));
        self::assertSame(3.0, (new Strip(20, 1.5, 1.0, Manner::Roll, 0.0))->outside(0.0, 1));
    }

    /** Turn after turn round the middle of its own layer, and by volume: what goes on is what the strip held. */
    #[Test]
    public function theLengthOfAStripIsThatOfItsTurnsAndItsVolume(): void
    {
        $roll = new Strip(25.4, 1.524, 0.5, Manner::Roll, 0.0);
        $turns = array_map(static fn (int $i): float => \M_PI * (24.511 + (2 * $i + 1) * 0.762), range(0, 2));
        self::assertEqualsWithDelta(array_sum($turns) / 4, $roll->supplied(24.511, 3, 12.7), 1e-9);

        $helix = new Strip(50, 3, 0.5, Manner::Helix, 0.5);
        $volume = \M_PI / 4 * (42.0 ** 2 - 30.0 ** 2) * 158;
        self::assertEqualsWithDelta($volume / (50 * 3), $helix->supplied(30.0, 2, 158), 1e-9);
        self::assertEqualsWithDelta(25.28, $helix->turns(2, 158), 1e-9);
    }

    /** Three touching circles of 10: the centre of the circle round them is 10/√3 from each of theirs. */
    #[Test]
    public function threeCoresGoIntoACircleRoundTouchingCircles(): void
    {
        self::assertEqualsWithDelta(2 * (10 / sqrt(3) + 5), Bundle::diameter(10.0, 3), 1e-12);
        self::assertSame(10.0, Bundle::diameter(10.0, 1));
    }
}
