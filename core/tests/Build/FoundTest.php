<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\CallAbout;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Called;
use Berm\Core\Build\Event\Found;
use Berm\Core\Build\Event\FoundAccepted;
use Berm\Core\Build\Event\LeftSafe;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\FoundWhat;
use Berm\Core\Cable\End;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Job\Waits;
use Berm\Core\Job\WaitsFor;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What opening the cable shows is an entry at any step: nothing is built on before it is planned anew, or an engineer lets it stand. */
final class FoundTest extends TestCase
{
    #[Test]
    public function nothingIsBuiltOnWhatIsOtherwiseThanPlanned(): void
    {
        $found = [Written::safe(), self::wet()];
        self::assertSame(ObstacleCode::FoundOtherwise, self::plan($found)->obstacles[0]->code ?? null);
        self::assertSame(Step::Cables, self::plan($found)->next()->step);
        self::assertStringContainsString('water in the strands', (string) self::refusal($found, self::park()));
        foreach ([new LeftSafe('a bag'), new Called(CallAbout::Question, 'What now?', ''), self::wet()] as $open) {
            self::assertNull(self::refusal($found, $open), $open::kind()->value);
        }
        self::assertNull(self::refusal([...$found, new Withdrawn('entry-1', 'slip')], self::park()));
    }

    #[Test]
    public function itIsOverOnceTheCableOfThatEndIsPlannedAnew(): void
    {
        $found = [Written::safe(), self::wet()];
        self::assertNotNull(self::refusal([...$found, new PlanChanged('end B: diameters', [End::B])], self::park()), 'the other end');
        self::assertNotNull(self::refusal([...$found, new PlanChanged('kit')], self::park()), 'no cable');
        self::assertNull(self::refusal([...$found, new PlanChanged('end A: cable', [End::A])], self::park()));
        self::assertNotNull(
            self::refusal([new PlanChanged('end A: cable', [End::A]), ...$found], self::park()), 'planned before it was found',
        );
        $either = [Written::safe(), new Found(FoundWhat::Other, null, 'n')];
        self::assertNull(self::refusal([...$either, new PlanChanged('end B: diameters', [End::B])], self::park()));
    }

    #[Test]
    public function orOnceAnEngineerLetsItStandWithAReason(): void
    {
        $found = [Written::safe(), self::wet()];
        self::assertSame(
            [WaitsFor::Engineer], array_map(static fn ($one): WaitsFor => $one->who, Waits::of(self::plan([...$found, self::park()]))),
        );
        self::assertNull(self::refusal($found, new FoundAccepted('entry-1', 'Cut back 2 m, dry.')));
        self::assertStringContainsString('Nothing of that', (string) self::refusal($found, new FoundAccepted('entry-0', 'r')));
        $stands = [...$found, new FoundAccepted('entry-1', 'Cut back 2 m, dry.')];
        self::assertNull(self::refusal($stands, self::park()));
        self::assertStringContainsString('Nothing of that', (string) self::refusal($stands, new FoundAccepted('entry-1', 'again')));
    }

    #[Test]
    public function itIsFoundWhereTheAccessoryHasAnEndAndSomebodyMayOpenIt(): void
    {
        self::assertStringContainsString('safe to start', (string) self::refusal([], self::wet()));
        $termination = Written::plan(Demo::corner('osterwick-lined-15'), [Written::safe()]);
        self::assertStringContainsString('no such end', (string) Written::refusal($termination, new Found(FoundWhat::Other, End::B, 'n')));
    }

    #[Test]
    public function itStopsTheWorkAlsoAfterTheConnector(): void
    {
        foreach (Built::stepByStep($job = Demo::corner('harrow-anyscreen-35')) as $built) {
            if (null !== $built->plan?->build->connector) {
                $found = $built->plan->entry('found', 'tester', $built->log[\count($built->log) - 1]->doneAt(), self::wet());
                $plan = Plan::ofLog($job, [...$built->log, $found]);
                self::assertSame(Step::Cables, $plan->next()->step);
                self::assertFalse($plan->completion()->isDone());

                return;
            }
        }
        self::fail('the connector is never fitted');
    }

    private static function wet(): Found
    {
        return new Found(FoundWhat::WetStrands, End::A, 'Drops at the cut.');
    }

    private static function park(): PartParked
    {
        return new PartParked(End::A, 'outer-sleeve');
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
