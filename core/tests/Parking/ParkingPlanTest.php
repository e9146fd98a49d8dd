<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Parking;

use Berm\Core\Build\BuildState;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ParkingPlanTest extends TestCase
{
    #[Test]
    public function everythingWaitsOnItsPreferredEndNoseToTailTheLastInstalledThreadedFirst(): void
    {
        $parking = self::parking('2500 mm', '900 mm');
        self::assertSame(['outer-sleeve', 'stress-tube'], self::keys($parking, 'A'));
        self::assertSame(['1160 mm', '1340 mm'], [$parking->sides[0]->needed->toText(), $parking->sides[0]->spare()?->toText()]);
        self::assertSame([], self::keys($parking, 'B'));
        self::assertTrue($parking->fits());
    }

    #[Test]
    public function withoutRoomAPartMovesToTheOtherEndWhereTheKitAllowsIt(): void
    {
        $parking = self::parking('1159.9 mm', '900 mm');
        self::assertSame([['stress-tube'], ['outer-sleeve']], [self::keys($parking, 'A'), self::keys($parking, 'B')]);
        self::assertTrue($parking->fits());
    }

    #[Test]
    public function whereNoSplitFitsThePreferredOneIsShortByWhatIsMissing(): void
    {
        $parking = self::parking('1000 mm', '700 mm');
        self::assertFalse($parking->fits());
        self::assertSame('-160 mm', $parking->sides[0]->spare()?->toText());
    }

    /**
     * Held against every split there is, of seven parts that may wait on either end: what fits is found, and no other moves fewer parts.
     */
    #[Test]
    public function noOtherSplitMovesFewerParts(): void
    {
        mt_srand(8);
        $fitting = 0;
        for ($i = 0; $i < 60; ++$i) {
            $lengths = array_map(static fn (): int => 20 * mt_rand(5, 40), range(1, 7));
            $preferred = array_map(static fn (): string => 1 === mt_rand(0, 1) ? 'A' : 'B', $lengths);
            $total = array_sum($lengths);
            $free = ['A' => 20 * mt_rand(0, intdiv($total, 20)), 'B' => 20 * mt_rand(0, intdiv($total, 20))];
            $least = self::leastMoved($lengths, $preferred, $free);
            $parking = self::parkingOf($lengths, $preferred, $free);
            self::assertSame(null !== $least, $parking->fits(), json_encode([$lengths, $preferred, $free], \JSON_THROW_ON_ERROR));
            $moved = \count(array_filter(
                array_keys($lengths), static fn (int $part): bool => $parking->sideOf("part-$part")?->value !== $preferred[$part],
            ));
            self::assertSame($least ?? 0, $moved, 'where none fits, each is where it would rather be');
            $fitting += null === $least ? 0 : 1;
        }
        self::assertGreaterThan(15, $fitting);
        self::assertLessThan(45, $fitting);
    }

    #[Test]
    public function fourteenPartsAreSharedOutWithoutListingEverySplit(): void
    {
        $parking = self::parkingOf(array_fill(0, 14, 100), array_fill(0, 14, 'A'), ['A' => 700, 'B' => 700]);
        self::assertTrue($parking->fits());
        self::assertSame([7, 7], array_map(static fn (ParkingSide $side): int => \count($side->items), $parking->sides));
    }

    /**
     * @param array<int, int>       $lengths   in mm
     * @param array<int, string>    $preferred
     * @param array{A: int, B: int} $free
     */
    private static function leastMoved(array $lengths, array $preferred, array $free): ?int
    {
        $least = null;
        for ($split = 0; $split < 2 ** \count($lengths); ++$split) {
            $left = $free;
            $moved = 0;
            foreach ($lengths as $part => $length) {
                $end = 1 === (($split >> $part) & 1) ? 'B' : 'A';
                $left[$end] -= $length;
                $moved += $end === $preferred[$part] ? 0 : 1;
            }
            $least = $left['A'] < 0 || $left['B'] < 0 ? $least : min($least ?? $moved, $moved);
        }

        return $least;
    }

    /**
     * @param array<int, int>       $lengths   in mm
     * @param array<int, string>    $preferred
     * @param array{A: int, B: int} $free
     */
    private static function parkingOf(array $lengths, array $preferred, array $free): ParkingPlan
    {
        $job = Example::with(
            Example::with(Example::joint(), 'ends.A.freeLength', "{$free['A']} mm"), 'ends.B.freeLength', "{$free['B']} mm",
        );
        $parts = $sizes = [];
        foreach ($lengths as $i => $length) {
            $sizes["part-$i"] = ['length' => "$length mm", 'expandedBore' => '55 mm', 'recoveredBore' => '12 mm'];
            $parts[] = [
                'key' => "part-$i", 'name' => "Part $i", 'kind' => 'outer-sleeve', 'from' => '-part_length / 2', 'laps' => (object) [],
                'parkOn' => 'A' === $preferred[$i] ? ['A', 'B'] : ['B', 'A'],
            ];
        }
        $job = Example::with(Example::with($job, 'kit.sheet.parts', $parts), 'kit.sheet.sizes.0.parts', $sizes);
        $file = Fields::readText(json_encode($job, \JSON_THROW_ON_ERROR), JobFile::read(...));

        return Plan::of($file->job, BuildState::nothingDone())->parking ?? self::fail('no parking plan');
    }

    #[Test]
    public function anUnmeasuredLengthIsAskedForAndNotAssumed(): void
    {
        $plan = Plan::of(Example::read(Example::with(Example::joint(), 'ends.A.freeLength', null))->job, BuildState::nothingDone());
        self::assertStringContainsString('measure the straight, clean length free for parking', $plan->obstacles[1]->reason->template);
    }

    /** @return list<string> */
    private static function keys(ParkingPlan $parking, string $end): array
    {
        return array_map(static fn (Item $item): string => $item->key, $parking->sides['A' === $end ? 0 : 1]->items);
    }

    private static function parking(string $freeOnA, string $freeOnB): ParkingPlan
    {
        $job = Example::with(Example::with(Example::joint(), 'ends.A.freeLength', $freeOnA), 'ends.B.freeLength', $freeOnB);

        return Plan::of(Example::read($job)->job, BuildState::nothingDone())->parking ?? self::fail('no parking plan');
    }
}
