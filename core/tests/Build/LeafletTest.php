<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\LeafletCompared;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Check\Looked;
use Berm\Core\Job\Job;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Opening the box asks which edition of the leaflet lies in it; another than the sheet's stops until an engineer has compared. */
final class LeafletTest extends TestCase
{
    private const SHEETS = 'QL 694, issue 6, 2022-09';

    #[Test]
    public function nothingIsDoneBeforeItIsSaidWhichLeafletLiesInTheBox(): void
    {
        self::assertSame([ObstacleCode::LeafletUnread], self::codes([Written::safe()]));
        self::assertStringContainsString('written from '.self::SHEETS, (string) self::refusal([Written::safe()], self::look()));
        self::assertNull(self::refusal([Written::safe()], new LeftSafe('a bag')), 'it can be left all the same');
        $same = [Written::safe(), new LeafletRead(self::SHEETS)];
        self::assertSame([], self::codes($same));
        self::assertNull(self::refusal($same, self::look()));
    }

    #[Test]
    public function anotherEditionStopsUntilAnEngineerHasComparedIt(): void
    {
        $other = [Written::safe(), new LeafletRead('QL 694, issue 7, 2026-01')];
        self::assertSame([ObstacleCode::LeafletOther], self::codes($other));
        self::assertStringContainsString('issue 7, 2026-01', (string) self::refusal($other, self::look()));
        $compared = [...$other, new LeafletCompared('Only the cover differs.')];
        self::assertNull(self::refusal($compared, self::look()));
        self::assertStringContainsString(
            'nothing to compare', (string) self::refusal([Written::safe(), new LeafletRead(self::SHEETS)], new LeafletCompared('r')),
        );
        $again = [...$compared, new LeafletRead('QL 694, issue 8')];
        self::assertSame([ObstacleCode::LeafletOther], self::codes($again), 'what was compared was the one before');
    }

    #[Test]
    public function blanksDotsAndCapitalsMakeNoOtherEdition(): void
    {
        foreach (['ql 694 issue 6 2022-09', 'QL694 - Issue 6, 2022.09 '] as $read) {
            self::assertSame([], self::codes([Written::safe(), new LeafletRead($read)]), $read);
        }
        self::assertSame([ObstacleCode::LeafletOther], self::codes([Written::safe(), new LeafletRead('QL 694, issue 5, 2022-09')]));
    }

    #[Test]
    public function aSheetThatDoesNotSayItsEditionAsksNobody(): void
    {
        $plan = Written::plan(Example::read(Example::joint())->job, [Written::safe()]);
        self::assertSame([], array_filter($plan->obstacles, static fn (Obstacle $one): bool => ObstacleCode::LeafletUnread === $one->code));
        self::assertStringContainsString('does not say', (string) Written::refusal($plan, new LeafletRead('7')));
    }

    #[Test]
    public function whatWasBegunBeforeItWasAskedGoesOn(): void
    {
        self::assertSame([], self::codes([Written::safe(), self::look()]));
    }

    private static function look(): CheckMade
    {
        foreach (Plan::ofLog(self::job(), [])->progress?->tasks() ?? [] as $task) {
            if ('seen' === $task->check?->question->kind()->value) {
                return new CheckMade($task->checkPlace() ?? self::fail(), Looked::andItIsSo());
            }
        }
        self::fail('nothing is looked at');
    }

    /**
     * @param list<Event> $events
     *
     * @return list<ObstacleCode>
     */
    private static function codes(array $events): array
    {
        return array_map(static fn (Obstacle $one): ObstacleCode => $one->code, Written::plan(self::job(), $events)->obstacles);
    }

    /** @param list<Event> $events */
    private static function refusal(array $events, Event $event): ?string
    {
        return Written::refusal(Written::plan(self::job(), $events), $event);
    }

    private static function job(): Job
    {
        return Demo::corner('quillon-core-17');
    }
}
