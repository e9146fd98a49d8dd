<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Task;
use Berm\Core\Build\WorkKind;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Safeguard;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Safeguards;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Site\Place;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** No flame while solvent is wet or gas untested, and no lead without gloves: gates, not notes. Common practice. */
final class SafeguardTest extends TestCase
{
    #[Test]
    public function noTubeIsShrunkBeforeItIsSaidThatTheFlameIsSafe(): void
    {
        [$log, $ask] = self::until('quillon-core-17', Safeguard::Flame);
        $plan = Plan::ofLog($job = Demo::corner('quillon-core-17'), $log);
        $shrink = self::shrink($plan, $ask);
        self::assertStringStartsWith('First: Before the flame', (string) Written::refusal($plan, $shrink));

        $no = Plan::ofLog($job, self::then($job, $log, self::answer($ask, false)));
        self::assertStringContainsString('it is out', (string) Written::refusal($no, $shrink), 'the solvent is still wet');

        $yes = Plan::ofLog($job, self::then($job, $log, self::answer($ask, true)));
        self::assertNull(Written::refusal($yes, $shrink));
    }

    #[Test]
    public function itIsAskedOnceAndAgainWhereSolventWasUsedSince(): void
    {
        self::assertSame(['stress'], self::stages('quillon-core-17', Safeguard::Flame), 'wiped once, before the first tube');
        self::assertSame(['barrier', 'seal', 'stress'], self::stages('quillon-paper-17', Safeguard::Flame), 'wiped before each of them');
        self::assertSame(['lead'], self::stages('quillon-paper-17', Safeguard::Lead));
        self::assertSame([], self::stages('quillon-core-17', Safeguard::Lead), 'a cable without lead');
        self::assertSame([], self::stages('harrow-anyscreen-35', Safeguard::Flame), 'nothing of it is shrunk by heat');
    }

    #[Test]
    public function afterABreakItIsAskedAnew(): void
    {
        [$log, $ask] = self::until('quillon-core-17', Safeguard::Flame);
        $job = Demo::corner('quillon-core-17');
        $said = self::then($job, $log, self::answer($ask, true));
        $back = self::then(
            $job, $said, new SafetyConfirmed('P-2', 'Somebody', new \DateTimeImmutable('2026-03-15T07:00:00Z'), true), '+9 hours',
        );
        $plan = Plan::ofLog($job, $back);
        self::assertStringStartsWith('First: Before the flame', (string) Written::refusal($plan, self::shrink($plan, $ask)));
    }

    #[Test]
    public function ofALogFromBeforeItWasAskedTheStageStaysFinished(): void
    {
        $job = Demo::corner('quillon-core-17');
        $isAsked = static fn (Entry $one): bool => $one->event instanceof CheckMade
            && Safeguard::Flame->value === $one->event->place->check;
        [, $log] = Built::exactly('quillon-core-17');
        self::assertCount(1, array_filter($log, $isAsked));
        $old = array_values(array_filter($log, static fn (Entry $one): bool => !$isAsked($one)));
        self::assertNull(Plan::ofLog($job, $old)->progress?->next());
    }

    #[Test]
    public function whatIsUndergroundIsTestedForGas(): void
    {
        foreach (['buried' => true, 'chamber' => true, '' => true, 'indoor' => false, 'outdoor' => false] as $place => $isGas) {
            $sheet = Safeguards::into(Demo::kit('quillon-core-17'), Place::tryFrom($place), false);
            $ask = (string) $sheet->stage('stress')?->check(Safeguard::Flame->value)?->ask;
            self::assertSame($isGas, str_contains($ask, 'gas and oxygen tested'), $place);
            self::assertSame(!$isGas, str_contains($ask, 'air moves'), $place);
        }
    }

    #[Test]
    public function aSheetThatAsksItItselfIsNotAskedTwice(): void
    {
        $once = Safeguards::into(Demo::kit('quillon-core-17'), null, false);
        self::assertEquals($once, Safeguards::into($once, null, false));
    }

    #[Test]
    public function leadIsNotCutWithoutGloves(): void
    {
        [$log, $ask] = self::until('quillon-paper-17', Safeguard::Lead);
        $plan = Plan::ofLog($job = Demo::corner('quillon-paper-17'), $log);
        $lead = self::cut($plan, Cut::LeadSheath);
        self::assertStringStartsWith('First: Before the lead', (string) Written::refusal($plan, $lead));
        self::assertNull(Written::refusal($plan, self::cut($plan, Cut::Oversheath)), 'what lies over it is not held up');
        self::assertNull(Written::refusal(Plan::ofLog($job, self::then($job, $log, self::answer($ask, true))), $lead));
    }

    /** @return array{list<Entry>, Task} the build up to where it is asked */
    private static function until(string $sheet, Safeguard $safeguard): array
    {
        foreach (Built::stepByStep(Demo::corner($sheet)) as $task => $built) {
            if ($safeguard === $task->safeguard()) {
                return [$built->log, $task];
            }
        }
        self::fail('it is never asked');
    }

    /** @return list<string> keys of the stages that ask it */
    private static function stages(string $sheet, Safeguard $safeguard): array
    {
        $tasks = Plan::ofLog(Demo::corner($sheet), [])->progress?->tasks() ?? [];

        return array_values(array_map(
            static fn (Task $task): string => $task->stage->key,
            array_filter($tasks, static fn (Task $task): bool => $safeguard === $task->safeguard()),
        ));
    }

    /**
     * @param list<Entry> $log
     *
     * @return list<Entry>
     */
    private static function then(Job $job, array $log, Event $event, string $later = '+1 minute'): array
    {
        $at = $log[\count($log) - 1]->doneAt()->modify($later);

        return [...$log, Plan::ofLog($job, $log)->entry('then-'.\count($log), 'tester', $at, $event)];
    }

    private static function answer(Task $ask, bool $isSo): CheckMade
    {
        return new CheckMade($ask->checkPlace() ?? self::fail(), $isSo ? Looked::andItIsSo() : Looked::andItIsNot());
    }

    /** The first thing that is shrunk after it. */
    private static function shrink(Plan $plan, Task $ask): Applied
    {
        foreach ($plan->progress?->stage($ask->stage->key)->tasks ?? [] as $task) {
            if (WorkKind::Set === $task->work?->how) {
                return new Applied($task->work);
            }
        }
        self::fail('nothing is shrunk');
    }

    private static function cut(Plan $plan, Cut $cut): CutMeasured
    {
        foreach ($plan->markOut?->all() ?? [] as $mark) {
            if ($cut === $mark->place->cut) {
                return new CutMeasured(
                    $mark->place, Reading::typed(LengthFormat::exactMillimetres($mark->at), LengthUnit::Millimetre, Instrument::Caliper),
                );
            }
        }
        self::fail('there is no such cut');
    }
}
