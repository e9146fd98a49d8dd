<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationScreen;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Side;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Prove\Corners;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A condition looks at both cables: what joins a screen goes onto the ends that have such a screen, each by its own. Common practice. */
final class EndByEndTest extends TestCase
{
    #[Test]
    public function anItemLiesOnTheEndsWhereItsConditionHolds(): void
    {
        $items = self::items(self::unlike(MetallicScreen::CopperTape, MetallicScreen::CopperWire));
        self::assertSame(Side::EndB, ($items['wires-back'] ?? null)?->side, 'wires are folded back where there are wires');
        self::assertSame(Side::EachEnd, ($items['large-spring'] ?? null)?->side);
        self::assertArrayNotHasKey('pad', $items, 'no neutral at either end');

        $items = self::items(self::unlike(MetallicScreen::ConcentricNeutral, MetallicScreen::FlatStrap));
        self::assertSame(Side::EndA, ($items['pad'] ?? null)?->side);
        self::assertSame(Side::EndB, ($items['wires-back'] ?? null)?->side);
    }

    #[Test]
    public function aChoiceOfAnEndIsThatEnd(): void
    {
        foreach (['A' => Side::EndA, 'B' => Side::EndB] as $end => $side) {
            $items = self::items(self::unlike(MetallicScreen::ConcentricNeutral, MetallicScreen::FlatStrap, $end));
            self::assertSame($side, ($items['braid'] ?? null)?->side);
        }
        self::assertArrayNotHasKey('braid', self::items(self::unlike(MetallicScreen::ConcentricNeutral, MetallicScreen::FlatStrap)));
    }

    #[Test]
    public function whatIsAskedOfAnEndIsAskedThereOnly(): void
    {
        $job = self::unlike(MetallicScreen::CopperTape, MetallicScreen::CopperWire);
        $asked = [];
        foreach (Plan::of($job, BuildState::nothingDone())->progress?->tasks() ?? [] as $task) {
            if ('wires' === $task->check?->key) {
                $asked[] = $task->where->end;
            }
        }
        self::assertSame([End::B], $asked, 'wires are counted where there are wires');
    }

    /** Two unlike screens build to the end, and so do those of the transition's further cables and its belted cores. */
    #[Test]
    public function cornersWithUnlikeScreensAreProvedAndBuilt(): void
    {
        $job = self::unlike(MetallicScreen::CopperTape, MetallicScreen::CopperWire);
        self::assertNull(Built::toTheEnd($job)->plan?->progress?->next());

        $sheet = Demo::kit('quillon-paper-17');
        $screens = [];
        $belted = 0;
        foreach ($sheet->sizes as $size) {
            foreach ((new Corners($sheet))->ofSize($size) as $corner) {
                $screens[] = self::screen($corner->job, End::B);
                $belted += (int) (InsulationScreen::None === ($corner->job->cables['A'] ?? null)?->construction->design->insulationScreen);
            }
        }
        foreach ([MetallicScreen::CopperTape, MetallicScreen::CopperWire, MetallicScreen::ConcentricNeutral] as $screen) {
            self::assertContains($screen, $screens);
        }
        self::assertGreaterThan(0, $belted);
    }

    /** Where the sheath guards the armour until the cores are joined, the armour is cut first and the sheath after the connectors. */
    #[Test]
    public function aCutMayBeLeftForAfterTheConnector(): void
    {
        $sheet = Demo::kit('osterwick-resin-12');
        self::assertTrue($sheet->cutsBefore(Cut::Armour, Cut::Oversheath, End::A));
        self::assertFalse($sheet->cutsBefore(Cut::Oversheath, Cut::Armour, End::A));
        self::assertTrue($sheet->cutsAfterConnector(Cut::Oversheath, End::B));
        self::assertFalse($sheet->cutsAfterConnector(Cut::Armour, End::B));

        $tasks = Built::exactly('osterwick-resin-12')[0]->progress?->tasks() ?? [];
        $order = array_map(static fn (Task $task): ?Cut => $task->mark?->place->cut, $tasks);
        $first = static fn (Cut $cut): int => (int) array_search($cut, $order, true);
        self::assertLessThan($first(Cut::Oversheath), $first(Cut::Armour));
    }

    #[Test]
    public function looksThatFollowEachOtherAreOneTouchAndReadingsNever(): void
    {
        $stages = Plan::of(Demo::corner('quillon-armour-12'), BuildState::nothingDone())->progress->stages ?? [];
        $stress = array_values(array_filter($stages, static fn (StageProgress $one): bool => 'stress' === $one->stage->key))[0];
        $kinds = array_map(static fn (array $tasks): string => implode(' ', array_map(
            static fn (Task $task): string => ($task->work->part ?? $task->check->key ?? $task->kind->value).$task->where->after(), $tasks,
        )), $stress->touches());
        self::assertSame('edge, end A, core 1 edge, end A, core 1', $kinds[0], 'mastic is wound and measured by one touch');
        self::assertSame('edge, end A, core 2 edge, end A, core 2', $kinds[1], 'and the next by the next');
        self::assertCount(6 + 6 + 1 + 1, $kinds, 'each with its reading; before the flame; looks at all that follow, and it is finished');
        self::assertSame('before-the-flame', $kinds[12], 'asked before anything is shrunk, not with it');
        self::assertSame(6, substr_count($kinds[13], 'even'));
        self::assertStringEndsWith(' finish', $kinds[13], 'what there is no way back from was said before: the tubes are set');
    }

    #[Test]
    public function whatItselfHasNoWayBackIsFinishedByItself(): void
    {
        $finish = static function (string $sheet, string $stage): int {
            $touches = Plan::of(Demo::corner($sheet), BuildState::nothingDone())->progress?->stage($stage)?->touches() ?? [];

            return \count($touches[\count($touches) - 1] ?? []);
        };
        self::assertSame(1, $finish('harrow-deadbreak-25', 'bolt'), 'nothing in it is set: to call it finished is the step');
        self::assertGreaterThan(1, $finish('quillon-core-17', 'stress'), 'the tube was set before');
    }

    /** @return array<string, Item> */
    private static function items(Job $job): array
    {
        return $job->applyingSheet()->items ?? [];
    }

    private static function unlike(MetallicScreen $a, MetallicScreen $b, string $earth = 'none'): Job
    {
        $of = static function (MetallicScreen $screen): Job {
            $sheet = Demo::kit('harrow-anyscreen-35');
            foreach ((new Corners($sheet))->ofSize(array_values($sheet->sizes)[1]) as $corner) {
                if (self::screen($corner->job, End::A) === $screen) {
                    return $corner->job;
                }
            }
            throw new \OutOfBoundsException("no {$screen->value}");
        };
        [$job, $other] = [$of($a), $of($b)];
        $cables = [...array_intersect_key($job->cables, ['A' => true]), ...array_intersect_key($other->cables, ['B' => true])];

        return new Job(
            'unlike', $job->function, $job->unit, $cables, $job->sheet, $job->size, $job->connector, $job->site,
            ['outside_earth' => $earth],
        );
    }

    private static function screen(Job $job, End $end): ?MetallicScreen
    {
        return ($job->cables[$end->value] ?? null)?->construction->design->metallicScreen;
    }
}
