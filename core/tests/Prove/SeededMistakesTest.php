<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Build\WorkKind;
use Berm\Core\Check\Answer;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\Counted;
use Berm\Core\Check\Identified;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Made;
use Berm\Core\Check\Measured;
use Berm\Core\Check\ProvedBy;
use Berm\Core\Check\Tightened;
use Berm\Core\Check\Waited;
use Berm\Core\Coverage\Caught;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Mistake;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Prove\Corners;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Each mistake that can be made with a kit is seeded into an otherwise good build, wherever its sheet looks for it: it is called out, and
 * neither what is set next at that place, nor the connector, nor the end of its stage is taken while it stands.
 *
 * Three sheets in the suite, all eighteen by BERM_BUILDS=all (./berm builds).
 */
final class SeededMistakesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        foreach ('all' === getenv(
            'BERM_BUILDS',
        ) ? Demo::second() : ['harrow-anyscreen-35', 'osterwick-lined-15', 'quillon-core-17'] as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    #[Test]
    #[DataProvider('sheets')]
    public function everyMistakeIsCaughtBeforeItIsHidden(string $sheet): void
    {
        $kit = Demo::kit($sheet);
        $caught = [];
        foreach (self::jobs($sheet) as $job) {
            foreach (Built::stepByStep($job) as $task => $built) {
                foreach (self::shownBy($task) as $mistake) {
                    if (!isset($caught[$mistake->value])) {
                        self::assertCaught($job, $built->log, $task, $mistake);
                        $caught[$mistake->value] = true;
                    }
                }
            }
        }
        $possible = array_filter(Mistake::cases(), static fn (Mistake $one): bool => $one->isPossibleOn($kit));
        $left = array_filter($possible, static fn (Mistake $one): bool => !isset($caught[$one->value]));
        // What no check shows is shown by a rule of the section or by the room that is parked in: those have their own tests.
        foreach ($left as $mistake) {
            $by = implode(' ', Caught::of($mistake, $kit));
            self::assertMatchesRegularExpression('/^(rule|room)/', $by, "$sheet: $mistake->value");
        }
        self::assertGreaterThan(0.7, \count($caught) / \count($possible), implode(', ', array_keys($caught)));
    }

    /** @return list<Job> as few as look for all that the sheet looks for: bolts where there are bolts, sheds where they stand */
    private static function jobs(string $sheet): array
    {
        $kit = Demo::kit($sheet);
        $jobs = $shown = $kinds = [];
        foreach ($kit->sizes as $size) {
            foreach ((new Corners($kit))->ofSize($size) as $corner) {
                $job = $corner->job;
                $kind = serialize([$job->connector?->fixing, $job->site->place, $job->site->mounting, $job->said]);
                if (isset($kinds[$kind])) {
                    continue;
                }
                $kinds[$kind] = true;
                $more = array_diff_key(self::shownOn($job), $shown);
                $jobs = [] === $more ? $jobs : [...$jobs, $job];
                $shown += $more;
            }
        }

        return $jobs;
    }

    /** @return array<string, true> by Mistake value */
    private static function shownOn(Job $job): array
    {
        $shown = [];
        foreach (Plan::ofLog($job, [])->progress?->tasks() ?? [] as $task) {
            foreach (self::shownBy($task) as $mistake) {
                $shown[$mistake->value] = true;
            }
        }

        return $shown;
    }

    /** @return list<Mistake> */
    private static function shownBy(Task $task): array
    {
        return match (true) {
            TaskKind::Cut === $task->kind && Cut::Insulation === $task->mark?->place->cut => [Mistake::StripLong, Mistake::StripShort],
            TaskKind::Connector === $task->kind => [Mistake::NotParked],
            CheckKind::Phase === $task->check?->question->kind() => [Mistake::PhasesCrossed],
            default => $task->check->catches ?? [],
        };
    }

    /** @param list<Entry> $log */
    private static function assertCaught(Job $job, array $log, Task $task, Mistake $mistake): void
    {
        if (Mistake::NotParked === $mistake && TaskKind::Connector === $task->kind) {
            self::assertNotParkedIsCaught($job, $log);

            return;
        }
        if (CheckKind::Phase === $task->check?->question->kind() && Mistake::PhasesCrossed === $mistake) {
            self::assertCrossedIsCaught($job, $log, $task);

            return;
        }
        foreach (self::wrong($task, $mistake) as $event) {
            $plan = self::after($job, $log, $event);
            $now = self::same($plan, $task);
            if (true === $now?->isOut) {
                self::assertHeldUp($plan, $now, $mistake);

                return;
            }
        }
        self::fail("$mistake->value is not called out by: {$task->title->template} {$task->stage->key}");
    }

    /** Neither what is set next at that place, nor the connector, nor the end of the stage is taken. */
    private static function assertHeldUp(Plan $plan, Task $task, Mistake $mistake): void
    {
        $gate = new Gate($plan);
        $where = "$mistake->value, {$task->stage->key}";
        self::assertNotNull($gate->refusal(new StageFinished($task->stage->key)), $where);
        self::assertFalse($plan->completion()->isDone(), $where);
        $isLater = false;
        foreach ($plan->progress?->stage($task->stage->key)->tasks ?? [] as $one) {
            $isLater = $isLater || $one === $task;
            if ($isLater && WorkKind::Set === $one->work?->how && $one->meets($task)) {
                self::assertNotNull($gate->refusal(new Applied($one->work)), "$where: {$one->work->part}");
            }
            if ($isLater && TaskKind::Connector === $one->kind) {
                self::assertNotNull($gate->refusal(new ConnectorFitted('B1')), $where);
            }
        }
    }

    /** @param list<Entry> $log */
    private static function assertNotParkedIsCaught(Job $job, array $log): void
    {
        $parked = array_filter($log, static fn (Entry $one): bool => $one->event instanceof PartParked);
        foreach (array_keys($parked) as $i) {
            $without = array_values(array_filter($log, static fn (Entry $one): bool => $one !== $log[$i]));
            self::assertNotNull((new Gate(Plan::ofLog($job, $without)))->refusal(new ConnectorFitted('B1')), 'not parked');
        }
    }

    /**
     * Found to be another phase than before, or than another core.
     *
     * @param list<Entry> $log
     */
    private static function assertCrossedIsCaught(Job $job, array $log, Task $task): void
    {
        $known = array_filter(
            $log, static fn (Entry $one): bool => $one->event instanceof CheckMade && $one->event->answer instanceof Identified,
        );
        if ([] === $known) {
            // The first core can be any phase: of the next one it shows.
            $log = [...$log, Entry::of(
                'first', 'ida', $log[\count($log) - 1]->doneAt(), self::answer($task, new Identified('L1', ProvedBy::Marks)),
            )];
            $tasks = Plan::ofLog($job, $log)->progress?->stage($task->stage->key)->tasks ?? [];
            $next = array_values(
                array_filter($tasks, static fn (Task $one): bool => $one->check?->key === $task->check?->key && !$one->isDone),
            );
            if (!isset($next[0])) {
                return;
            }
            $task = $next[0];
        }
        $plan = self::after($job, $log, self::answer($task, new Identified([] === $known ? 'L1' : 'L9', ProvedBy::Continuity)));
        $now = self::same($plan, $task) ?? self::fail();
        self::assertTrue($now->isOut, 'phases crossed');
        self::assertHeldUp($plan, $now, Mistake::PhasesCrossed);
    }

    /** @return iterable<Event> as somebody would write it down who made that mistake, the smallest first */
    private static function wrong(Task $task, Mistake $mistake): iterable
    {
        if (null !== $task->mark) {
            $sign = Mistake::StripShort === $mistake ? -1 : 1;
            $at = Length::ofNanometres($task->mark->at->nanometres + $sign * 15_000_000);
            yield new CutMeasured($task->mark->place, self::reading($at));

            return;
        }
        foreach (self::answers($task) as $answer) {
            yield self::answer($task, $answer);
        }
    }

    /** @return list<Answer> */
    private static function answers(Task $task): array
    {
        $window = $task->window;
        $beyond = static fn (?Length $limit, int $by): array => null === $limit || $limit->nanometres + $by < 0
            ? [] : [new Measured(self::reading(Length::ofNanometres($limit->nanometres + $by)))];

        return match ($task->check?->question->kind()) {
            CheckKind::Seen => [Looked::andItIsNot()],
            CheckKind::Length => [
                ...$beyond($window?->max, 2_000_000), ...$beyond($window?->min, -2_000_000), ...$beyond($window?->min, -500_000),
            ],
            CheckKind::Count => [new Counted(0), new Counted(99)],
            CheckKind::Torque => [new Tightened(Torque::parse('1 N·m')), new Tightened(Torque::parse('499 N·m'))],
            CheckKind::Wait => [Waited::itOut()],
            CheckKind::Age => [Made::parse('2001-01') ?? self::fail()],
            CheckKind::Phase, CheckKind::Note, null => [],
        };
    }

    private static function answer(Task $task, Answer $answer): CheckMade
    {
        return new CheckMade($task->checkPlace() ?? self::fail(), $answer);
    }

    private static function reading(Length $length): Reading
    {
        return Reading::typed(LengthFormat::exactMillimetres($length), LengthUnit::Millimetre, Instrument::Caliper);
    }

    /**
     * What must be waited for is answered at once; what must not take long, a day later.
     *
     * @param list<Entry> $log
     */
    private static function after(Job $job, array $log, Event $event): Plan
    {
        $at = $log[\count($log) - 1]->doneAt();
        $soon = Plan::ofLog($job, [...$log, Entry::of('wrong', 'ida', $at->modify('+1 second'), $event)]);
        $isWait = $event instanceof CheckMade && $event->answer instanceof Waited;
        $isOut = [] !== array_filter($soon->progress?->tasks() ?? [], static fn (Task $one): bool => $one->isOut);

        return $isWait && !$isOut ? Plan::ofLog($job, [...$log, Entry::of('wrong', 'ida', $at->modify('+1 day'), $event)]) : $soon;
    }

    private static function same(Plan $plan, Task $task): ?Task
    {
        $place = $task->checkPlace();
        foreach ($plan->progress?->stage($task->stage->key)->tasks ?? [] as $one) {
            $isCut = null !== $task->mark && true === $one->mark?->place->equals($task->mark->place);
            if ($isCut || null !== $place && true === $one->checkPlace()?->equals($place)) {
                return $one;
            }
        }

        return null;
    }
}
