<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is left half done is taken up again by whoever has confirmed anew that it is safe, dry and clean. Common practice. */
final class LeftSafeTest extends TestCase
{
    #[Test]
    public function nothingIsDoneOnItUntilItIsConfirmedAnew(): void
    {
        $left = [Written::safe(), new LeftSafe('a bag, taped', 'the night shift')];
        self::assertNotNull(self::plan($left)->build->left());
        self::assertNull(self::plan($left)->build->safety, 'what was confirmed before holds no more');
        self::assertSame(Step::Safety, self::plan($left)->next()->step);
        $park = new PartParked(End::A, 'outer-sleeve');
        self::assertStringContainsString('safe to start', (string) self::refusal($left, $park));
        $again = [...$left, self::confirmed('09:00', true)];
        self::assertNull(self::plan($again)->build->left());
        self::assertNull(self::refusal($again, $park));
    }

    #[Test]
    public function whoeverGoesOnSaysThatItIsDryAndCleanAndConfirmsItAfterItWasLeft(): void
    {
        $left = [Written::safe(), new LeftSafe('a bag, taped')];
        self::assertStringContainsString('dry and clean', (string) self::refusal($left, self::confirmed('09:00', false)));
        self::assertStringContainsString('Confirm it anew', (string) self::refusal($left, self::confirmed('08:28', true)));
        self::assertNull(self::refusal($left, self::confirmed('08:30', true)), 'it was left at 08:30');
        self::assertNull(self::refusal([], self::confirmed('08:00', false)), 'nothing was left');
    }

    #[Test]
    public function itIsLeftOnceAndOnlyWhereItWasBegunAndIsNotDone(): void
    {
        $leave = new LeftSafe('a bag');
        self::assertSame('Nothing was begun that could be left.', self::refusal([], $leave));
        self::assertNull(self::refusal([Written::safe()], $leave));
        self::assertStringContainsString('left already', (string) self::refusal([Written::safe(), $leave], $leave));
        $twice = [Written::safe(), $leave, self::confirmed('09:00', true), $leave];
        self::assertNotNull(self::plan($twice)->build->left(), 'a second night');
    }

    #[Test]
    public function saidByMistakeItIsSafeAsItWas(): void
    {
        $slip = [Written::safe(), new LeftSafe('a bag'), new Withdrawn('entry-1', 'slip')];
        self::assertNotNull(self::plan($slip)->build->safety);
        self::assertNull(self::plan($slip)->build->left());
    }

    private static function confirmed(string $at, bool $isDry): SafetyConfirmed
    {
        return new SafetyConfirmed('P-2', 'Somebody', new \DateTimeImmutable("2026-03-14T$at:00Z"), $isDry);
    }

    /** @param list<Event> $events */
    private static function plan(array $events): Plan
    {
        return Written::plan(Example::read(Example::joint())->job, $events);
    }

    /** @param list<Event> $events */
    private static function refusal(array $events, Event $event): ?string
    {
        return Written::refusal(self::plan($events), $event);
    }
}
