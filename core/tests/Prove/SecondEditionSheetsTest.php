<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\Build\Task;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Prove\Prover;
use Berm\Core\Prove\Shortfall;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The sheets of the second edition, heat, cold and premoulded, joint, termination and elbow, one core and three, plastic and paper. */
final class SecondEditionSheetsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        foreach (Demo::second() as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    #[Test]
    #[DataProvider('sheets')]
    public function everyRuleHoldsInEveryCorner(string $sheet): void
    {
        $report = Prover::prove(Demo::kit($sheet), null, 'all' === getenv('BERM_BUILDS') ? Prover::MOST : 100);
        self::assertSame([], array_map(
            static fn (Shortfall $one): string => $one->of.': '.(new Reader(LengthUnit::Millimetre))->say($one->reason),
            $report->shortfalls,
        ));
        self::assertGreaterThanOrEqual(20, $report->plans);
        self::assertLessThanOrEqual(Prover::MOST, $report->corners, 'every corner is proved, none is left out');
    }

    #[Test]
    #[DataProvider('sheets')]
    public function itBuildsToTheEndWithExactCutsAndNothingIsRefused(string $sheet): void
    {
        [$plan, $log] = Built::exactly($sheet);
        self::assertNull($plan->progress?->next());
        self::assertGreaterThan(50, \count($log));
        // One for each task, that it was safe to start, and which leaflet lies in the box.
        self::assertCount(2 + \count($plan->progress?->tasks() ?? []), $log);
    }

    /** @return iterable<string, array{string, Cut, bool}> */
    public static function limits(): iterable
    {
        foreach ([
            'harrow-sock-28' => [Cut::InsulationScreen, Cut::Insulation], 'harrow-deadbreak-25' => [Cut::Oversheath, Cut::MetallicScreen],
        ] as $sheet => $cuts) {
            foreach ($cuts as $cut) {
                yield "$sheet $cut->value shortest" => [$sheet, $cut, false];
                yield "$sheet $cut->value longest" => [$sheet, $cut, true];
            }
        }
    }

    #[Test]
    #[DataProvider('limits')]
    public function aCutAtItsLimitIsAPerfectCut(string $sheet, Cut $cut, bool $isLongest): void
    {
        $built = Built::toTheEnd(Demo::corner($sheet), static fn (Mark|Task $one) => !$one instanceof Mark || $one->place->cut !== $cut
            ? null
            : ($isLongest ? $one->window()->max : $one->window()->min));
        self::assertNull($built->plan?->progress?->next());
    }
}
