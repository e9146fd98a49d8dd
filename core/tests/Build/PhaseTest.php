<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Task;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Identified;
use Berm\Core\Check\PhaseCheck;
use Berm\Core\Check\ProvedBy;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Every core is identified before the connector, and again at the end: phases crossed are found by nothing later. Common practice. */
final class PhaseTest extends TestCase
{
    #[Test]
    public function everySheetAsksBeforeTheConnectorAndAgainAtTheEnd(): void
    {
        foreach ([
            'quillon-core-17' => 1, 'quillon-pairs-36' => 3, 'harrow-skirted-35' => 1, 'osterwick-drawn-3c-12' => 3,
        ] as $sheet => $cores) {
            $asked = $connector = null;
            $before = $after = 0;
            foreach (Plan::ofLog(Demo::corner($sheet), [])->progress?->tasks() ?? [] as $task) {
                $connector = 'connector' === $task->kind->value ? $task : $connector;
                $isPhase = CheckKind::Phase === $task->check?->question->kind();
                $before += $isPhase && null === $connector ? 1 : 0;
                $after += $isPhase && null !== $connector ? 1 : 0;
                $asked = $isPhase ? $task : $asked;
            }
            self::assertSame([$cores, $cores], [$before, $after], $sheet);
            self::assertSame($connector?->where->core, null);
            self::assertNotNull($asked);
        }
    }

    #[Test]
    public function twoCoresAreNeverTheSamePhase(): void
    {
        [$plan, $tasks, $log] = self::asked('quillon-pairs-36', PhaseCheck::Before);
        [$first, $second] = $tasks;
        $log = self::then($plan, $log, $first, 'L1');
        self::assertSame('L1, rung out from the other end. inside', self::verdict('quillon-pairs-36', $log, $first));
        $twin = self::then($plan, $log, $second, 'l1');
        self::assertStringContainsString('core 1 is that one too', self::verdict('quillon-pairs-36', $twin, $second));
        self::assertStringEndsWith('out', self::verdict('quillon-pairs-36', $twin, $second));
        $connector = Written::refusal(Plan::ofLog(Demo::corner('quillon-pairs-36'), $twin), new ConnectorFitted('B1'));
        self::assertNotNull($connector, 'it is not fitted while two cores are one phase');
        $other = self::then($plan, $log, $second, 'L2');
        self::assertStringEndsWith('inside', self::verdict('quillon-pairs-36', $other, $second));
    }

    #[Test]
    public function atTheEndItIsThePhaseThatItWasBefore(): void
    {
        [$plan, $tasks, $log] = self::asked('quillon-core-17', PhaseCheck::After);
        self::assertSame('L1, as before', (new Reader(LengthUnit::Millimetre))->say($tasks[0]->limits ?? self::fail()));
        $crossed = self::then($plan, $log, $tasks[0], 'L3');
        self::assertStringContainsString(
            'it was L1, rung out from the other end before: one of the two is wrong', self::verdict('quillon-core-17', $crossed, $tasks[0]),
        );
        self::assertStringEndsWith('inside', self::verdict('quillon-core-17', self::then($plan, $log, $tasks[0], ' L1'), $tasks[0]));
    }

    #[Test]
    public function theConnectorWaitsForIt(): void
    {
        [$plan] = self::asked('quillon-core-17', PhaseCheck::Before);
        self::assertStringContainsString('Which phase it is', (string) Written::refusal($plan, new ConnectorFitted('B1')));
    }

    /** @return array{Plan, list<Task>, list<Entry>} the build up to where it is asked first, and every core that it is asked of */
    private static function asked(string $sheet, PhaseCheck $check): array
    {
        foreach (Built::stepByStep(Demo::corner($sheet)) as $task => $built) {
            if ($check->value === $task->check?->key) {
                $plan = $built->plan ?? self::fail();
                $all = $plan->progress?->stage($task->stage->key)->tasks ?? [];

                return [$plan, array_values(
                    array_filter($all, static fn (Task $one): bool => $check->value === $one->check?->key),
                ), $built->log];
            }
        }
        self::fail('it is never asked');
    }

    /**
     * @param list<Entry> $log
     *
     * @return list<Entry>
     */
    private static function then(Plan $plan, array $log, Task $task, string $phase): array
    {
        $made = new CheckMade($task->checkPlace() ?? self::fail(), new Identified($phase, ProvedBy::Continuity));

        return [...$log, $plan->entry('then-'.\count($log), 'tester', $log[\count($log) - 1]->doneAt(), $made)];
    }

    /** @param list<Entry> $log */
    private static function verdict(string $sheet, array $log, Task $task): string
    {
        $place = $task->checkPlace() ?? CheckPlace::of('', '', $task->where, null);
        $verdict = Plan::ofLog(Demo::corner($sheet), $log)->progress?->task($place)?->verdict;

        return (new Reader(LengthUnit::Millimetre))->say($verdict->sentence ?? self::fail()).' '.$verdict->verdict->value;
    }
}
