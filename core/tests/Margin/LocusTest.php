<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Margin;

use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\Margin\Margin;
use Berm\Core\Margin\Proof;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LocusTest extends TestCase
{
    #[Test]
    public function causesOfBothSidesAreTakenFromAMarginEachByTheSideThatHurts(): void
    {
        $edge = self::place(100, self::cause('body', -5, 1));
        $cut = self::place(60, self::cause('screen', -2, 3));
        $lap = $edge->minus($cut)->above(Length::ofMillimetres(30));

        self::assertEqualsWithDelta([10.0, 2.0, 10 - sqrt(34)], self::inMillimetres($lap), 1e-6);
        self::assertSame(['body'], array_map(static fn (Cause $cause): string => $cause->of, $lap->takesMost()));
        self::assertSame(5.0, $lap->most()->inMillimetres());
    }

    #[Test]
    public function theSameCauseInTwoPlacesCancelsInTheirDifferenceAndAddsInTheirSum(): void
    {
        $growth = self::cause('connector', 0, 4);
        [$one, $other] = [self::place(50, $growth), self::place(20, $growth)];

        self::assertTrue($one->minus($other)->isExact());
        self::assertSame([70.0, 78.0], [$one->plus($other)->least() / 1e6, $one->plus($other)->most() / 1e6]);
    }

    #[Test]
    public function causesOfTwoThingsDoNotCancelHoweverAlikeTheyAre(): void
    {
        $difference = self::place(50, self::cause('cut A', -1, 1))->minus(self::place(50, self::cause('cut B', -1, 1)));

        self::assertSame([-2.0, 2.0], [$difference->least() / 1e6, $difference->most() / 1e6]);
    }

    #[Test]
    public function halfOfACauseIsTakenWhereAnItemIsCentred(): void
    {
        $half = self::place(400, self::cause('length', -12, 6))->times(0.5);

        self::assertSame([194.0, 203.0], [$half->least() / 1e6, $half->most() / 1e6]);
        self::assertSame([-203.0, -194.0], [$half->negated()->least() / 1e6, $half->negated()->most() / 1e6]);
    }

    #[Test]
    public function theLargestKeepsItsArmsAndTheOneThatHasMostLeftIsCertain(): void
    {
        $largest = Locus::largest(self::place(30, self::cause('a', -9, 9)), self::place(28, self::cause('b', -1, 1)));

        self::assertSame([30.0, 27.0, 39.0], [$largest->nominal->inMillimetres(), $largest->least() / 1e6, $largest->most() / 1e6]);
        self::assertSame([5.0, 2.0, 2.0], self::inMillimetres($largest->above(Length::ofMillimetres(25))));
        self::assertSame([10.0, 1.0, 1.0], self::inMillimetres($largest->below(Length::ofMillimetres(40))));
    }

    #[Test]
    public function anArmThatCanNeverBeTheLargestIsLeftOut(): void
    {
        $largest = Locus::largest(self::place(30, self::cause('a', -1, 1)), self::place(28, self::cause('b', -2, 1)));
        $ever = Locus::largest(self::place(30, self::cause('a', -1, 1)), self::place(28, self::cause('b', -2, 2)));

        self::assertSame([1.0, 1.0], [30 - $largest->least() / 1e6, 30 - $ever->least() / 1e6]);
        self::assertSame(
            ['a'], array_map(static fn (Cause $cause): string => $cause->of, $largest->above(Length::ofMillimetres(0))->takesMost()),
        );
    }

    #[Test]
    public function ofAConditionThatCanTurnOutEitherWayTheWorseCounts(): void
    {
        $either = Locus::either(self::place(50), self::place(30));

        self::assertSame([10.0, -10.0, -10.0], self::inMillimetres($either->above(Length::ofMillimetres(40))));
        self::assertSame([5.0, 5.0, 5.0], self::inMillimetres($either->below(Length::ofMillimetres(55))));
        self::assertSame(Proof::NotLikely, $either->above(Length::ofMillimetres(40))->proof());
    }

    /** @return iterable<string, array{int, Proof}> */
    public static function limits(): iterable
    {
        yield 'every cause against it, and it still holds' => [70_000_000, Proof::Proved];
        yield 'a nanometre more' => [70_000_001, Proof::Likely];
        yield 'likely, just' => [78_786_797, Proof::Likely];
        yield 'not likely' => [78_786_798, Proof::NotLikely];
        yield 'nominally, just' => [100_000_000, Proof::NotLikely];
        yield 'not even nominally' => [100_000_001, Proof::Fails];
    }

    /** 100 mm less two causes of 15 mm: 70 at the worst, 100 - 15 √2 = 78.786796 likely. */
    #[Test]
    #[DataProvider('limits')]
    public function fourWordsSayHowSureARuleIs(int $nanometres, Proof $proof): void
    {
        $place = self::place(100, self::cause('a', -15, 0), self::cause('b', -15, 40));

        self::assertSame($proof, $place->above(Length::ofNanometres($nanometres))->proof());
    }

    /** Seeded sums, differences, largest and smallest of places that share causes: no corner goes beyond the worst, and one meets it. */
    #[Test]
    public function theWorstIsWhatTheCornersReach(): void
    {
        mt_srand(20261127);
        for ($round = 0; $round < 200; ++$round) {
            $causes = array_map(
                static fn (int $i): Cause => self::cause("cause $i", -mt_rand(0, 9), mt_rand(0, 9)), range(0, 5),
            );
            [$one, $other] = [self::shares(), self::shares()];
            [$first, $second] = [self::weighed($causes, $one), self::weighed($causes, $other)];
            $corners = array_map(
                static fn (array $turns): array => [self::sum($one, $turns), self::sum($other, $turns)], self::corners($causes),
            );
            $least = static fn (\Closure $of): float => (float) min([\PHP_INT_MAX, ...self::reached($corners, $of)]);
            $most = static fn (\Closure $of): float => (float) max([\PHP_INT_MIN, ...self::reached($corners, $of)]);

            self::assertSame($least(static fn (int $a, int $b): int => $a - $b), $first->minus($second)->least() / 1e6);
            self::assertSame($most(static fn (int $a, int $b): int => $a + $b), $first->plus($second)->most() / 1e6);
            self::assertSame($least(static fn (int $a, int $b): int => min($a, $b)), Locus::smallest($first, $second)->least() / 1e6);
            self::assertSame($most(static fn (int $a, int $b): int => max($a, $b)), Locus::largest($first, $second)->most() / 1e6);
            // Of the largest no more is certain than what its better arm keeps: never more than what a corner reaches.
            self::assertLessThanOrEqual(
                $least(static fn (int $a, int $b): int => max($a, $b)), Locus::largest($first, $second)->least() / 1e6,
            );
        }
    }

    /**
     * Drawn by a program of its own: normal deviations of three standard deviations at the bounds, about the nominal. At most 0.3 % fall
     * below what is likely; drawn evenly, none falls below the worst.
     */
    #[Test]
    public function drawsStayWithinWhatIsWorstAndNearlyAllWithinWhatIsLikely(): void
    {
        $bounds = [3.0, 1.5, 5.0, 2.0, 4.0];
        $causes = array_map(static fn (float $bound): Cause => self::cause("of $bound", -$bound, $bound), $bounds);
        $margin = self::place(100, ...$causes)->above(Length::ofMillimetres(90));
        [, $worst, $likely] = self::inMillimetres($margin);

        mt_srand(7);
        $below = $beyond = 0;
        for ($draw = 0; $draw < 10_000; ++$draw) {
            $normal = $even = 10.0;
            foreach ($bounds as $bound) {
                $normal += $bound / 3 * sqrt(-2 * log(mt_rand(1, 1_000_000) / 1e6)) * cos(2 * \M_PI * mt_rand(0, 999_999) / 1e6);
                $even += $bound * mt_rand(-1_000_000, 1_000_000) / 1e6;
            }
            $below += (int) ($normal < $likely);
            $beyond += (int) ($even < $worst);
        }

        self::assertSame(0, $beyond);
        self::assertLessThanOrEqual(30, $below);
        self::assertGreaterThan(0, $below);
    }

    #[Test]
    public function aCauseSaysWhatItIsOfAndWhere(): void
    {
        $cause = Cause::around(CauseKind::Cut, 'insulation-screen', '[insulation screen]', Where::of(End::B, 2), Length::ofMillimetres(1));

        self::assertSame('cut of the {of}, end B, core 2', $cause->inWords()->template);
    }

    /**
     * @param list<array{int, int}>   $corners
     * @param \Closure(int, int): int $of
     *
     * @return list<int>
     */
    private static function reached(array $corners, \Closure $of): array
    {
        return array_map(static fn (array $corner): int => $of($corner[0], $corner[1]), $corners);
    }

    /** @return list<int> */
    private static function shares(): array
    {
        return array_map(static fn (): int => mt_rand(-1, 1), range(0, 5));
    }

    /**
     * @param list<int> $shares
     * @param list<int> $turns
     */
    private static function sum(array $shares, array $turns): int
    {
        return array_sum(array_map(static fn (int $share, int $turn): int => $share * $turn, $shares, $turns));
    }

    /**
     * @param list<Cause> $causes
     * @param list<int>   $shares
     */
    private static function weighed(array $causes, array $shares): Locus
    {
        $sum = self::place(0);
        foreach ($causes as $i => $cause) {
            $sum = $sum->plus(self::place(0, $cause)->times($shares[$i]));
        }

        return $sum;
    }

    /**
     * @param list<Cause> $causes
     *
     * @return list<list<int>> in mm
     */
    private static function corners(array $causes): array
    {
        $corners = [[]];
        foreach ($causes as $cause) {
            $bounds = [(int) $cause->least->inMillimetres(), (int) $cause->most->inMillimetres()];
            $corners = array_merge(...array_map(
                static fn (array $corner): array => [[...$corner, $bounds[0]], [...$corner, $bounds[1]]], $corners,
            ));
        }

        return $corners;
    }

    private static function cause(string $of, float $least, float $most): Cause
    {
        return Cause::of(
            CauseKind::Placing, $of, $of, Where::of(null, null), Length::nearestToMillimetres($least), Length::nearestToMillimetres($most),
        );
    }

    private static function place(int $millimetres, Cause ...$causes): Locus
    {
        return Locus::moved(Length::ofMillimetres($millimetres), ...$causes);
    }

    /** @return array{float, float, float} nominal, worst, likely */
    private static function inMillimetres(Margin $margin): array
    {
        return [$margin->nominal->inMillimetres(), $margin->worst->inMillimetres(), $margin->likely->inMillimetres()];
    }
}
