<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Job;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\LapAccepted;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Looked;
use Berm\Core\Job\Job;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Severity;
use Berm\Core\Job\Step;
use Berm\Core\Kit\RuleKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\RulingPlace;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is in the way is decided once: the gate, the next step and the completion read the same list. */
final class ObstacleTest extends TestCase
{
    /**
     * 130 mm of connector with bores of 50 mm hold the conductors 15 mm from its centre. The insulation screen is cut at 130 / 2 + 5 + 108
     * = 178 mm, so 193 mm from the centre; the tube of 400 mm ends at 200 mm and covers 7 mm where 25 mm are asked.
     */
    private const LONG_CONNECTOR = ['connector.length', '130 mm'];

    #[Test]
    public function aLapThatWillBeTooShortIsInTheWayOfWhatItHides(): void
    {
        $plan = Written::plan(self::job(self::LONG_CONNECTOR), [Written::safe(), ...self::parked()]);
        $laps = self::obstacles($plan, ObstacleCode::LapShort);
        self::assertSame([End::A, End::B], array_map(static fn (Obstacle $lap): ?End => $lap->where->end, $laps));
        self::assertSame([Severity::Stops, Severity::Stops], array_map(static fn (Obstacle $lap): Severity => $lap->severity(), $laps));
        self::assertStringContainsString('7 mm of the', self::said($laps[0]));
        $begun = Written::plan(
            self::job(self::LONG_CONNECTOR), [Written::safe(), ...self::parked(), self::cut(End::A, Cut::Oversheath, '263')],
        );
        self::assertSame(
            [Step::MarkOut, Step::Build], [$laps[0]->step, self::obstacles($begun, ObstacleCode::LapShort)[0]->step],
            'marked out again while nothing is cut',
        );
        $refusal = Written::refusal($plan, self::cut(End::A, Cut::InsulationScreen, '178'));
        self::assertStringContainsString('7 mm of the', (string) $refusal, 'the cut that the lap rests on');
        self::assertSame($refusal, self::said($laps[0]), 'one sentence everywhere');
    }

    #[Test]
    public function theConnectorIsNotFittedOverALapThatIsTooShortUntilAnEngineerLetsItStand(): void
    {
        $short = self::job(self::LONG_CONNECTOR);
        $done = [Written::safe(), ...self::parked(), ...self::cutsOf(263, 228, 178, 70)];
        $plan = Written::plan($short, $done);
        self::assertStringContainsString('7 mm of the', (string) Written::refusal($plan, new ConnectorFitted('')));
        $accepted = array_map(
            static fn (Obstacle $lap): Event => new LapAccepted($lap->acceptable->ruling ?? self::fail('nobody may'), 'tape laid over it'),
            self::obstacles($plan, ObstacleCode::LapShort),
        );
        self::assertCount(2, $accepted);
        self::assertNull(Written::refusal($plan, $accepted[0]), 'it may be let stand');
        self::assertSame(
            'There is nothing to accept: the kit asks for no more than this.', Written::refusal(
                Written::plan(self::job(), [Written::safe()]), $accepted[0],
            ),
        );
        $elsewhere = RulingPlace::of('nothing', RuleKind::Laps, Place::named('insulation-screen'), Where::of(End::A, null));
        self::assertSame('There is no such rule on this job.', Written::refusal($plan, new LapAccepted($elsewhere, 'taped')));
        $let = Written::plan($short, Written::seen($short, [...$done, ...$accepted], 'begin', 'connector'));
        self::assertSame([], self::obstacles($let, ObstacleCode::LapShort));
        self::assertNull(Written::refusal($let, new ConnectorFitted('')));
    }

    /** 7 mm were let stand. A connector of 128 mm leaves 9 mm, one of 132 mm only 5 mm: that nobody has let stand. */
    #[Test]
    public function aLapThatWasLetStandIsOpenAgainWhenItGetsShorter(): void
    {
        $job = self::job(self::LONG_CONNECTOR);
        $start = [Written::safe(), ...self::parked()];
        $accepted = array_map(
            static fn (Obstacle $lap): Event => new LapAccepted($lap->acceptable->ruling ?? self::fail('nobody may'), 'taped'),
            self::obstacles(Written::plan($job, $start), ObstacleCode::LapShort),
        );
        $log = Written::log($job, [...$start, ...$accepted]);
        $open = static fn (string $length): int => \count(
            self::obstacles(Plan::ofLog(self::job(['connector.length', $length]), $log), ObstacleCode::LapShort),
        );
        self::assertSame([0, 0, 2], [$open('128 mm'), $open('130 mm'), $open('132 mm')]);
    }

    #[Test]
    public function aLapThatIsLongEnoughIsInNobodysWay(): void
    {
        self::assertSame([], self::obstacles(Written::plan(self::job(), [Written::safe()]), ObstacleCode::LapShort));
    }

    /** 400 mm and 760 mm of tubes beside a cut of 248 mm need 1408 mm and more of end A. */
    #[Test]
    public function partsThatHaveNoRoomAreNotParked(): void
    {
        $job = self::job(['ends.A.freeLength', '900 mm'], ['ends.B.freeLength', '500 mm']);
        $plan = Written::plan($job, [Written::safe()]);
        $short = self::obstacles($plan, ObstacleCode::RoomShort);
        self::assertNotSame([], $short);
        foreach ([new PartParked(End::A, 'stress-tube'), new ConnectorFitted('')] as $event) {
            self::assertSame(self::said($short[0]), Written::refusal($plan, $event), $event::class);
        }
        self::assertSame($short[0]->step, $plan->next()->step);
    }

    #[Test]
    public function whatIsNotMeasuredAsksAndDoesNotStop(): void
    {
        $plan = Written::plan(self::job(['ends.A.readings.insulation', []]), [Written::safe()]);
        $asks = self::obstacles($plan, ObstacleCode::CannotTell);
        self::assertSame(Severity::Asks, $asks[0]->severity());
        self::assertSame(self::said($asks[0]), Written::refusal($plan, self::cut(End::A, Cut::Oversheath, '248')));
    }

    /** Whoever writes down what cannot be there yet is told what stands in the way; where nothing does, that there is no such thing. */
    #[Test]
    public function whatCannotBeThereYetIsRefusedWithWhatStandsInTheWay(): void
    {
        $place = CheckPlace::of('none', 'gap', Where::of(End::A, null));
        $events = [
            'There is no such check on this job.' => new CheckMade($place, Looked::andItIsSo()),
            'There is no such check on this job. ' => new CheckAccepted($place, 'filled', null),
            'There is no such cut on this job.' => self::cut(End::A, Cut::Armour, '500'),
        ];
        $kitless = Written::plan(self::job(['kit', null]), [Written::safe()]);
        $planned = Written::plan(self::job(), [Written::safe(), ...self::parked()]);
        foreach ($events as $message => $event) {
            self::assertSame(self::said($kitless->obstacles[0]), Written::refusal($kitless, $event));
            self::assertSame(trim($message), Written::refusal($planned, $event));
        }
    }

    #[Test]
    public function whatDoesNotFitBarsNewWorkButNeitherACorrectionNorWhatIsBuilt(): void
    {
        $cannot = Obstacle::of(ObstacleCode::DoesNotFit, Step::Kit, Sentence::plain('It does not fit.'));
        $begun = Written::plan(self::job(), [Written::safe(), ...self::parked(), self::cut(End::A, Cut::Oversheath, '250')])->build;
        $built = Written::plan(
            self::job(), [Written::safe(), ...self::parked(), ...self::cutsOf(250, 215, 165, 57.5), new ConnectorFitted('')],
        )->build;
        $bars = static fn (Event $event): bool => $cannot->bars($event, $begun);
        self::assertTrue($bars(self::cut(End::A, Cut::MetallicScreen, '215')), 'the next cut');
        self::assertFalse($bars(self::cut(End::A, Cut::Oversheath, '251')), 'the same cut, measured again');
        self::assertFalse($bars(Written::safe()), 'what is no work');
        self::assertTrue($bars(new ConnectorFitted('')));
        self::assertFalse($cannot->bars(self::cut(End::A, Cut::Bedding, '215'), $built), 'the connector is on');
    }

    #[Test]
    public function itIsCompleteOnlyWhenNothingIsOpenAndNothingInTheWay(): void
    {
        $nothing = Written::plan(self::job(), [Written::safe()])->completion();
        self::assertFalse($nothing->isComplete());
        self::assertSame('Not complete: {open} of {all} tasks are open.', $nothing->sentence()->template);
        self::assertSame([35, 35], [$nothing->open, $nothing->all], 'two parts, eight cuts, the connector and what is looked at');
        $all = [Written::safe(), ...self::parked(), ...self::cutsOf(250, 215, 165, 57.5), new ConnectorFitted('')];
        $done = Written::plan(self::job(), $all)->completion();
        self::assertSame([true, false, 'All is done; not handed over yet.'], [
            $done->isDone(), $done->isComplete(), $done->sentence()->template,
        ]);
        self::assertTrue(Written::plan(self::job(), [...$all, new HandedOver('Somebody')])->completion()->isComplete());
        $out = Written::plan(self::job(), [...\array_slice($all, 0, -1), self::cut(End::B, Cut::Insulation, '60')])->completion();
        self::assertSame([false, 1], [$out->isComplete(), $out->obstacles]);
        $short = [Written::safe(), ...self::parked(), ...self::cutsOf(263, 228, 178, 70), new ConnectorFitted('')];
        $built = Written::plan(self::job(self::LONG_CONNECTOR), $short)->completion();
        self::assertSame(
            [false, 0, 2, 'Not complete: 2 things stand in the way.'],
            [$built->isComplete(), $built->open, $built->obstacles, (new Reader(LengthUnit::Millimetre))->say($built->sentence())],
        );
        self::assertFalse(Written::plan(self::job(['kit', null]), [Written::safe()])->completion()->isComplete());
    }

    /** @param array{string, mixed} ...$changes */
    private static function job(array ...$changes): Job
    {
        $job = Example::joint();
        foreach ($changes as [$path, $value]) {
            $job = Example::with($job, $path, $value);
        }

        return Example::read($job)->job;
    }

    /** @return list<Obstacle> */
    private static function obstacles(Plan $plan, ObstacleCode $code): array
    {
        return array_values(array_filter($plan->obstacles, static fn (Obstacle $obstacle): bool => $code === $obstacle->code));
    }

    private static function said(Obstacle $obstacle): string
    {
        return (new Reader(LengthUnit::Millimetre))->say($obstacle->reason);
    }

    /** @return list<Event> */
    private static function parked(): array
    {
        return [new PartParked(End::A, 'outer-sleeve'), new PartParked(End::A, 'stress-tube')];
    }

    /** @return list<Event> the cuts of both ends, from the outside in, in mm */
    private static function cutsOf(float $oversheath, float $metallicScreen, float $insulationScreen, float $insulation): array
    {
        $cuts = [];
        foreach (End::cases() as $end) {
            $cuts = [
                ...$cuts, self::cut($end, Cut::Oversheath, (string) $oversheath), self::cut(
                    $end, Cut::MetallicScreen, (string) $metallicScreen,
                ),
                self::cut($end, Cut::InsulationScreen, (string) $insulationScreen), self::cut($end, Cut::Insulation, (string) $insulation),
            ];
        }

        return $cuts;
    }

    private static function cut(End $end, Cut $cut, string $typed): CutMeasured
    {
        return new CutMeasured(MarkPlace::of($end, $cut), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule));
    }
}
