<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\CallAbout;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Answered;
use Berm\Core\Build\Event\Called;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Wait;
use Berm\Core\Job\Waits;
use Berm\Core\Job\WaitsFor;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Whoever may not do a thing calls for who may, goes on meanwhile, and is told the answer. */
final class CallTest extends TestCase
{
    #[Test]
    public function aCallWaitsForAnEngineerUntilItIsAnsweredOrWithdrawn(): void
    {
        $called = [Written::safe(), new Called(CallAbout::Question, 'Is this lead?', '')];
        self::assertSame(['engineer: An engineer is asked: Is this lead? by tester'], self::waits(self::plan($called)));
        self::assertNull(self::refusal($called, new PartParked(End::A, 'outer-sleeve')), 'the work goes on meanwhile');

        $answered = [...$called, new Answered('entry-1', 'Yes, gloves.')];
        self::assertSame(['jointer: Answer: Yes, gloves. by tester'], self::waits(self::plan($answered)));
        self::assertSame([], self::waits(self::plan([...$called, new Withdrawn('entry-1', 'settled')])));
        self::assertSame(
            ['engineer: An engineer is asked: Is this lead? by tester'],
            self::waits(self::plan([...$answered, new Withdrawn('entry-2', 'wrong job')])), 'an answer taken back is none',
        );
    }

    #[Test]
    public function itIsAnsweredOnceAndOnlyWhereSomebodyCalled(): void
    {
        $called = [Written::safe(), new Called(CallAbout::Leaflet, '35 mm, not 30', '')];
        self::assertNull(self::refusal($called, new Answered('entry-1', 'Take 35.')));
        self::assertStringContainsString('Nobody calls', (string) self::refusal($called, new Answered('entry-0', 'Take 35.')));
        $answered = [...$called, new Answered('entry-1', 'Take 35.')];
        self::assertStringContainsString('answered already', (string) self::refusal($answered, new Answered('entry-1', 'Take 30.')));
        self::assertStringContainsString(
            'no such stage', (string) self::refusal([Written::safe()], new Called(CallAbout::Question, 'n', 'gone')),
        );
    }

    #[Test]
    public function whoeverHasGoneOnHasReadTheAnswer(): void
    {
        $log = [
            Written::safe(), new Called(
                CallAbout::Question, 'n', '',
            ), new Answered('entry-1', 'go on'), new PartParked(End::A, 'outer-sleeve'),
        ];
        $plan = Plan::ofLog(self::job(), [
            ...Written::log(self::job(), \array_slice($log, 0, 3)),
            self::plan(\array_slice($log, 0, 3))->entry('entry-3', 'tester', new \DateTimeImmutable('2026-03-14T09:00:00Z'), $log[3]),
        ]);
        self::assertSame([], self::waits($plan));
    }

    #[Test]
    public function itIsNotHandedOverWhileACallIsOpen(): void
    {
        $job = Demo::corner('harrow-anyscreen-35');
        [, $log] = Built::exactly('harrow-anyscreen-35');
        $done = Plan::ofLog($job, $log);
        self::assertNull(Written::refusal($done, $hand = new HandedOver('Somebody')));
        $call = $done->entry(
            'call', 'ida', new \DateTimeImmutable('2026-03-15T08:30:00Z'), new Called(CallAbout::Leaflet, 'page 4 differs', ''),
        );
        $called = Plan::ofLog($job, [...$log, $call]);
        self::assertStringContainsString('has not answered yet', (string) Written::refusal($called, $hand));
        $answer = $called->entry('answer', 'ena', new \DateTimeImmutable('2026-03-15T09:30:00Z'), new Answered('call', 'It is the same.'));
        self::assertNull(Written::refusal(Plan::ofLog($job, [...$log, $call, $answer]), $hand));
    }

    #[Test]
    public function whatAnEngineerHasToSeeToWaitsWhetherSomebodyCalledOrNot(): void
    {
        $job = Demo::corner('quillon-core-17');
        $other = Written::plan($job, [Written::safe(), new LeafletRead('another')]);
        self::assertCount(1, Waits::of($other));
        self::assertSame(WaitsFor::Engineer, Waits::of($other)[0]->who);
        foreach (Built::stepByStep(Demo::corner('quillon-paper-17')) as $task => $built) {
            if ('release' === $task->kind->value) {
                self::assertSame(
                    ['engineer'], array_map(static fn (Wait $one): string => $one->who->value, Waits::of($built->plan ?? self::fail())),
                );

                return;
            }
        }
        self::fail('there is no hold point');
    }

    /** @return list<string> */
    private static function waits(Plan $plan): array
    {
        $read = new Reader(LengthUnit::Millimetre);

        return array_map(static fn (Wait $one): string => "{$one->who->value}: {$read->say($one->what)} by $one->by", Waits::of($plan));
    }

    /** @param list<Event> $events */
    private static function plan(array $events): Plan
    {
        return Written::plan(self::job(), $events);
    }

    /** @param list<Event> $events */
    private static function refusal(array $events, Event $event): ?string
    {
        return Written::refusal(self::plan($events), $event);
    }

    private static function job(): Job
    {
        return Example::read(Example::joint())->job;
    }
}
