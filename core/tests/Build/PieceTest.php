<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\PieceTaken;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\PieceFrom;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Job\Waits;
use Berm\Core\Job\WaitsFor;
use Berm\Core\Kit\Stock;
use Berm\Core\Material\Requirement;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A tube that was shrunk and came off is gone: another one comes from somewhere, with its batch. Common practice. */
final class PieceTest extends TestCase
{
    #[Test]
    public function whatWasLostIsNotSetAgainBeforeItIsSaidWhereAnotherCameFrom(): void
    {
        [$log, $work] = self::shrunk();
        $off = self::then($log, new TakenOff($work, 'scorched'));
        $plan = Plan::ofLog(self::job(), $off);
        $short = array_values(array_filter($plan->obstacles, static fn ($one): bool => ObstacleCode::MaterialShort === $one->code));
        self::assertCount(1, $short);
        self::assertSame(Step::Kit, $plan->next()->step);
        self::assertContains(WaitsFor::Storekeeper, array_map(static fn ($one): WaitsFor => $one->who, Waits::of($plan)));

        $back = self::then($off, new Applied(self::placed($plan, $work)));
        self::assertStringContainsString(
            'too few in the box', (string) Written::refusal(Plan::ofLog(self::job(), $back), new Applied($work)),
        );

        $stock = self::job()->sheet->items[$work->part]->stock ?? self::fail();
        $named = self::then($back, new PieceTaken($stock, 1, 'B9', PieceFrom::AnotherBox));
        $found = array_filter(
            Plan::ofLog(self::job(), $named)->obstacles, static fn ($one): bool => ObstacleCode::MaterialShort === $one->code,
        );
        self::assertSame([], $found);
    }

    /** What was wound is lost with its length: the box must hold it once more. */
    #[Test]
    public function whatWasWoundAndCameOffIsTakenOnceMore(): void
    {
        $job = Demo::corner('harrow-sock-28');
        [$plan, $log] = Built::exactly('harrow-sock-28');
        $stock = $job->sheet->items['sheath-mastic']->stock ?? self::fail();
        $set = null;
        foreach ($log as $entry) {
            $event = $entry->event;
            $isIt = $event instanceof Applied && WorkKind::Set === $event->place->how && 'sheath-mastic' === $event->place->part;
            $set = $isIt && End::A === $event->place->where->end ? $event->place : $set;
        }
        self::assertInstanceOf(WorkPlace::class, $set);
        [$before, $once, $twice] = array_map(
            static fn (int $times): Requirement => self::required($job, $log, $set, $times, $stock), [0, 1, 2],
        );
        $millimetres = static fn (Requirement $one): float => ($one->length ?? self::fail())->inMillimetres();
        $taken = $millimetres($once) - $millimetres($before);
        self::assertGreaterThan(0, $taken);
        self::assertLessThan($millimetres($before), $taken, 'that of the other end is still there');
        self::assertEqualsWithDelta($taken, $millimetres($twice) - $millimetres($once), 1e-5);
        self::assertEquals($before->has, $once->has);
    }

    /** @param list<Entry> $log */
    private static function required(Job $job, array $log, WorkPlace $set, int $times, string $stock): Requirement
    {
        for ($i = 0; $i < $times; ++$i) {
            $log[] = Entry::of("off-$i", 'tester', new \DateTimeImmutable('2026-03-15T08:00:00Z'), new TakenOff($set, 'a fold'));
        }
        foreach (Plan::ofLog($job, $log)->materials as $one) {
            if ($one->stock->key === $stock) {
                return $one;
            }
        }
        self::fail("nothing takes $stock");
    }

    #[Test]
    public function compoundOfAnotherBoxIsNeverTaken(): void
    {
        $compound = $tube = null;
        $job = Demo::corner('quillon-core-17');
        foreach ($job->sheet->stock ?? [] as $stock) {
            $compound ??= $stock->kind->isOfItsMaker() ? $stock : null;
            $tube ??= 'stress-tube' === $stock->kind->value ? $stock : null;
        }
        self::assertInstanceOf(Stock::class, $compound);
        self::assertInstanceOf(Stock::class, $tube);
        $plan = Written::plan($job, [Written::safe()]);
        $take = static fn (string $key): PieceTaken => new PieceTaken($key, 1, 'B9', PieceFrom::OwnersStore);
        self::assertStringContainsString('another one is never used', (string) Written::refusal($plan, $take($compound->key)));
        self::assertNull(Written::refusal($plan, $take($tube->key)));
        self::assertStringContainsString('holds no such thing', (string) Written::refusal($plan, $take('gone')));
    }

    /** @return array{list<Entry>, WorkPlace} the build up to where the first tube is shrunk */
    private static function shrunk(): array
    {
        foreach (Built::stepByStep(self::job()) as $built) {
            $last = $built->log[\count($built->log) - 1]->event;
            if ($last instanceof Applied && WorkKind::Set === $last->place->how && 'stress-tube' === $last->place->part) {
                return [$built->log, $last->place];
            }
        }
        self::fail('it is never shrunk');
    }

    /** It is brought to its place anew. */
    private static function placed(Plan $plan, WorkPlace $set): WorkPlace
    {
        foreach ($plan->progress?->stage($set->stage)->tasks ?? [] as $task) {
            if (WorkKind::Place === $task->work?->how && $task->work->part === $set->part) {
                return $task->work;
            }
        }
        self::fail('it is not placed');
    }

    /**
     * @param list<Entry> $log
     *
     * @return list<Entry>
     */
    private static function then(array $log, Event $event): array
    {
        $at = $log[\count($log) - 1]->doneAt()->modify('+1 minute');

        return [...$log, Plan::ofLog(self::job(), $log)->entry('then-'.\count($log), 'tester', $at, $event)];
    }

    private static function job(): Job
    {
        return Demo::corner('quillon-core-17');
    }
}
