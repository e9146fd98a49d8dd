<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Looked;
use Berm\Core\Job\Job;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is placed, set, taken off and used is written down piece by piece, and what hides something waits until that is right. */
final class WorkTest extends TestCase
{
    #[Test]
    public function aTubeIsShrunkOnceItLiesThereAndWasMeasured(): void
    {
        $job = Demo::corner('quillon-ribbed-36');
        $set = new Applied(self::tube(WorkKind::Set));
        $before = self::until($job, static fn (Task $task): bool => 'stress-tube' === $task->work?->part);
        self::assertSame('First: Bring the stress tube to its place.', self::refusal($job, $before, $set));
        $placed = [...$before, self::entry($job, $before, new Applied(self::tube(WorkKind::Place)))];
        self::assertSame('First: Stress tube onto the screen, end A.', self::refusal($job, $placed, $set), 'the flame would hide it');
        $measured = self::until($job, static fn (Task $task): bool => true === $task->work?->equals(self::tube(WorkKind::Set)));
        self::assertNull(self::refusal($job, $measured, $set));
    }

    #[Test]
    public function nothingIsLookedAtBeforeTheWorkItIsAboutIsDone(): void
    {
        $job = Demo::corner('quillon-ribbed-36');
        $before = self::until($job, static fn (Task $task): bool => 'stress-tube' === $task->work?->part);
        $look = self::check($job, 'stress', 'order');
        $seen = new CheckMade($look, Looked::andItIsSo());
        self::assertSame('First: Bring the stress tube to its place.', self::refusal($job, $before, $seen));
    }

    /** At the other end, or on another core, work goes on. */
    #[Test]
    public function oneEndDoesNotWaitForTheOther(): void
    {
        $job = Demo::corner('quillon-ribbed-36');
        $collar = static fn (string $end): WorkPlace => WorkPlace::of(
            'insulate', WorkKind::Set, 'collar', Where::of(End::from($end), null),
        );
        $before = self::until($job, static fn (Task $task): bool => 'collar' === $task->work?->part);
        self::assertNull(self::refusal($job, $before, new Applied($collar('B'))));
        $look = self::check($job, 'insulate', 'level', 'B');
        self::assertSame('First: Wind the sealant collar, end B.', self::refusal($job, $before, new CheckMade($look, Looked::andItIsSo())));
        $woundB = [...$before, self::entry($job, $before, new Applied($collar('B')))];
        self::assertNull(self::refusal($job, $woundB, new CheckMade($look, Looked::andItIsSo())));
    }

    #[Test]
    public function whatIsTakenOffIsDoneAndMeasuredAnewAndWhatLiesOverItComesFirst(): void
    {
        $job = Demo::corner('harrow-sock-28');
        $stage = self::stageOf($job, 'small-spring');
        $place = static fn (string $part): WorkPlace => WorkPlace::of($stage, WorkKind::Set, $part, Where::of(End::A, null));
        $log = self::until($job, static fn (Task $task): bool => TaskKind::Finish === $task->kind && $task->stage->key === $stage);
        $off = new TakenOff($place('small-spring'), 'bent');
        self::assertSame('First take off what lies over it: mesh pad.', self::refusal($job, $log, $off));
        $without = [...$log, self::entry($job, $log, new TakenOff($place('pad'), 'frayed'))];
        $open = Plan::ofLog($job, $without)->progress?->next();
        self::assertTrue($place('pad')->equals($open->work ?? self::tube(WorkKind::Off)), 'it is done anew');
        $answers = self::answersOnA($job, $log, $stage);
        self::assertLessThan($answers, self::answersOnA($job, $without, $stage), 'what was found on it is asked again');
        self::assertSame(
            'Wind the mesh pad, end A: that is not done yet.', self::refusal($job, $without, new TakenOff($place('pad'), 'again')),
        );
        $back = [...$without, self::entry($job, $without, new Withdrawn($without[\count($log)]->id, 'slip'))];
        self::assertSame($answers, self::answersOnA($job, $back, $stage), 'said by mistake, nothing of it has gone');
    }

    /** One took the spring off; another wound the pad over it and looked at it, and neither had heard of the other. */
    #[Test]
    public function whatIsDoneOnAPartThatSomebodyElseTookOffMeanwhileIsDoneAnewInEitherOrderOfArrival(): void
    {
        $job = Demo::corner('harrow-sock-28');
        $stage = self::stageOf($job, 'small-spring');
        $place = static fn (string $part): WorkPlace => WorkPlace::of($stage, WorkKind::Set, $part, Where::of(End::A, null));
        $pad = new Applied($place('pad'));
        $both = self::until($job, static fn (Task $task): bool => true === $task->work?->equals($place('pad')));
        $all = self::until($job, static fn (Task $task): bool => TaskKind::Finish === $task->kind && $task->stage->key === $stage);
        $isOnA = static fn (Entry $entry): bool => $entry->event instanceof CheckMade && $entry->event->place->stage === $stage
            && End::A === $entry->event->place->where->end;
        $looks = array_filter(\array_slice($all, \count($both)), $isOnA);
        self::assertNotSame([], $looks);
        $done = [$pad, ...array_map(static fn (Entry $entry): Event => $entry->event, array_values($looks))];
        $off = new TakenOff($place('small-spring'), 'bent');
        foreach ([[...$done, $off], [$off, ...$done]] as $arriving) {
            $log = $both;
            foreach ($arriving as $i => $event) {
                $known = $event === $off ? $both : [...$both, ...array_filter(
                    \array_slice($log, \count($both)), static fn (Entry $entry): bool => $entry->event !== $off,
                )];
                $log[] = Plan::ofLog($job, $known)->entry(
                    "late-$i", 'tester', new \DateTimeImmutable(Written::AT), $event, null, Plan::ofLog($job, $log),
                );
            }
            $plan = Plan::ofLog($job, $log);
            self::assertCount(2 + \count($looks), $plan->build->fallen, 'the spring, the pad and what was found on both');
            self::assertTrue($place('small-spring')->equals($plan->progress?->next()->work ?? self::tube(WorkKind::Off)));
            $id = array_values(array_filter($log, static fn (Entry $entry): bool => $entry->event === $off))[0]->id;
            $back = Plan::ofLog($job, [...$log, self::entry($job, $log, new Withdrawn($id, 'slip'))]);
            self::assertSame([], $back->build->fallen, 'said by mistake, nothing of it has gone');
        }
    }

    /** What a rule says of a part is held up where the part is set, not only where its stage ends: then the flame is out. */
    #[Test]
    public function aPartWhoseRuleDoesNotHoldIsBroughtAndNotSet(): void
    {
        $onA = static fn (WorkKind $how, string $part): Applied => new Applied(
            WorkPlace::of('stress', $how, $part, Where::of(End::A, 1)),
        );
        $bars = static fn (?End $end, Applied $event): bool => Obstacle::at(
            ObstacleCode::LapShort, Step::Build, Where::of($end, null), [], ['stress'], Sentence::plain('short'), part: 'tube',
        )->bars($event, BuildState::nothingDone());
        self::assertTrue($bars(End::A, $onA(WorkKind::Set, 'tube')));
        self::assertTrue($bars(null, $onA(WorkKind::Set, 'tube')), 'what goes across');
        self::assertFalse($bars(End::B, $onA(WorkKind::Set, 'tube')), 'at the other end');
        self::assertFalse($bars(End::A, $onA(WorkKind::Place, 'tube')), 'it can still be moved');
        self::assertFalse($bars(End::A, $onA(WorkKind::Set, 'mastic')));
    }

    /** @return iterable<string, array{string, string, string, bool}> */
    public static function costs(): iterable
    {
        yield 'shrunk' => ['quillon-ribbed-36', 'stress-tube', 'What is shrunk does not come off whole', true];
        yield 'let down' => ['harrow-sock-28', 'body', 'Its support is out', true];
        yield 'wound' => ['harrow-sock-28', 'pad', 'What was wound is lost', false];
        yield 'fitted' => ['harrow-sock-28', 'small-spring', 'It can be used again', false];
        yield 'folded' => ['harrow-sock-28', 'neutrals-folded', 'as long as no wire or tape of it broke', false];
    }

    /** Common practice. */
    #[Test]
    #[DataProvider('costs')]
    public function takingOffCostsWhatTheNatureOfThePartMakesOfIt(string $sheet, string $part, string $cost, bool $isLost): void
    {
        $sheet = Demo::kit($sheet);
        $item = $sheet->items[$part] ?? self::fail(implode(', ', array_keys($sheet->items)));
        self::assertStringContainsString($cost, (new Reader(LengthUnit::Millimetre))->say(WorkInWords::cost($item, $sheet)));
        self::assertSame($isLost, WorkInWords::isLost($item, $sheet));
    }

    /** A log from before each piece of work was written down: its finished stages said that all was done. */
    #[Test]
    public function aFinishedStageOfAnOlderLogStaysFinished(): void
    {
        $job = Demo::corner('quillon-ribbed-36');
        [, $log] = Built::exactly('quillon-ribbed-36');
        $older = array_values(array_filter($log, static fn (Entry $entry): bool => !$entry->event instanceof Applied));
        self::assertNull(Plan::ofLog($job, $older)->progress?->next(), 'its entries do not say that they were written step by step');
        $newer = array_map(static fn (Entry $entry): Entry => self::entry($job, $log, $entry->event, $entry->id), $older);
        self::assertSame(TaskKind::Work, Plan::ofLog($job, $newer)->progress?->next()?->kind);
    }

    private static function tube(WorkKind $how): WorkPlace
    {
        return WorkPlace::of('stress', $how, 'stress-tube', Where::of(null, null));
    }

    /**
     * @param \Closure(Task): bool $is
     *
     * @return list<Entry> up to the first task that it is
     */
    private static function until(Job $job, \Closure $is): array
    {
        foreach (Built::stepByStep($job) as $task => $built) {
            if ($is($task)) {
                return $built->log;
            }
        }
        self::fail('it never comes');
    }

    /** @param list<Entry> $log */
    private static function refusal(Job $job, array $log, Event $event): ?string
    {
        return Written::refusal(Plan::ofLog($job, $log), $event);
    }

    /** @param list<Entry> $log */
    private static function entry(Job $job, array $log, Event $event, string $id = ''): Entry
    {
        $id = '' === $id ? 'later-'.\count($log) : $id;

        return Plan::ofLog($job, $log)->entry($id, 'tester', new \DateTimeImmutable(Written::AT), $event);
    }

    /** @param list<Entry> $log */
    private static function answersOnA(Job $job, array $log, string $stage): int
    {
        return \count(array_filter(
            Plan::ofLog($job, $log)->progress?->stage($stage)->tasks ?? [],
            static fn (Task $task): bool => TaskKind::Check === $task->kind && $task->isDone && End::A === $task->where->end,
        ));
    }

    private static function check(Job $job, string $stage, string $key, ?string $end = null): CheckPlace
    {
        foreach (Plan::ofLog($job, [])->progress?->tasks() ?? [] as $task) {
            $place = $task->checkPlace();
            if ($place?->stage === $stage && $place->check === $key && (null === $end || $end === $place->where->end?->value)) {
                return $place;
            }
        }
        self::fail("no $key");
    }

    private static function stageOf(Job $job, string $part): string
    {
        foreach (Plan::ofLog($job, [])->progress?->tasks() ?? [] as $task) {
            if ($task->work?->part === $part) {
                return $task->stage->key;
            }
        }
        self::fail("no $part");
    }
}
