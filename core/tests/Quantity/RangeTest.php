<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class RangeTest extends TestCase
{
    /** @return iterable<string, array{Range, Range, bool, bool}> one, another, whether it holds the other whole, and whether they meet */
    public static function pairs(): iterable
    {
        $between = static fn (int $min, int $max): Range => Range::between(Length::ofMillimetres($min), Length::ofMillimetres($max));
        $from = static fn (int $min): Range => Range::atLeast(Length::ofMillimetres($min));
        $to = static fn (int $max): Range => Range::atMost(Length::ofMillimetres($max));
        yield 'the same' => [$between(17, 24), $between(17, 24), true, true];
        yield 'inside' => [$between(17, 24), $between(18, 23), true, true];
        yield 'a little below' => [$between(17, 24), $between(16, 23), false, true];
        yield 'a little above' => [$between(17, 24), $between(18, 25), false, true];
        yield 'edge to edge' => [$between(17, 24), $between(24, 30), false, true];
        yield 'apart above' => [$between(17, 24), $between(25, 30), false, false];
        yield 'apart below' => [$between(17, 24), $between(10, 16), false, false];
        yield 'open below holds what has no least' => [$to(24), $to(20), true, true];
        yield 'a least does not hold what has none' => [$between(17, 24), $to(20), false, true];
        yield 'nor a most what has none' => [$between(17, 24), $from(20), false, true];
        yield 'open above' => [$from(17), $between(17, 90), true, true];
        yield 'open above, and a little below it' => [$from(17), $between(16, 90), false, true];
        yield 'up to where the other begins' => [$to(17), $from(17), false, true];
        yield 'short of it' => [$to(16), $from(17), false, false];
    }

    #[Test]
    #[DataProvider('pairs')]
    public function aRangeHoldsOrMeetsAnother(Range $one, Range $other, bool $holds, bool $meets): void
    {
        self::assertSame([$holds, $meets], [$one->containsRange($other), $one->meets($other)]);
        self::assertSame($meets, $other->meets($one));
    }

    /** What only touches meets, and does not overlap. */
    #[Test]
    #[DataProvider('pairs')]
    public function twoRangesOverlapWhereTheyShareMoreThanAnEdge(Range $one, Range $other, bool $holds, bool $meets): void
    {
        $isEdge = null !== $one->max && null !== $other->min && $one->max->equals($other->min);
        self::assertSame($meets && !$isEdge, $one->overlaps($other));
        self::assertSame($one->overlaps($other), $other->overlaps($one));
    }

    #[Test]
    public function itsEdgesBelongToIt(): void
    {
        $range = Range::between(Length::ofMillimetres(17), Length::ofMillimetres(24));
        $holds = static fn (int $micrometres): bool => $range->contains(Length::ofMicrometres($micrometres));
        self::assertSame([false, true, true, false], [$holds(16_999), $holds(17_000), $holds(24_000), $holds(24_001)]);
    }
}
