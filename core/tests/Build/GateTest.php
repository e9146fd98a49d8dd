<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\CutAdvice;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\SafetyConfirmed;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class GateTest extends TestCase
{
    #[Test]
    public function nothingIsWrittenBeforeANamedPersonHasConfirmedThatItIsSafe(): void
    {
        self::assertSame(
            'Nobody has confirmed, from the local permit, that it is safe to start.',
            self::refusal([], self::cut(End::A, Cut::Oversheath, '250')),
        );
        self::assertNull(self::refusal([], self::safe()));
        self::assertSame(Step::Safety, self::plan([])->next()->step);
    }

    #[Test]
    public function aCutIsNotRecordedBeforeTheOneOutsideIt(): void
    {
        self::assertSame(
            'Record the cut of the oversheath of end A first: it lies outside this one.',
            self::refusal([self::safe()], self::cut(End::A, Cut::MetallicScreen, '215')),
        );
        self::assertNull(self::refusal(
            [self::safe(), self::cut(End::A, Cut::Oversheath, '250')], self::cut(End::A, Cut::MetallicScreen, '215'),
        ));
    }

    #[Test]
    public function theConnectorWaitsForEveryPartAndEveryCut(): void
    {
        $cuts = self::allCuts();
        self::assertSame(
            'Measure and record the cut of the oversheath of end A first: the connector hides it.',
            self::refusal([self::safe()], new ConnectorFitted('')),
        );
        self::assertSame(
            'Park the stress tube first: it cannot be put on after the connector.',
            self::refusal([self::safe(), ...$cuts], new ConnectorFitted('')),
        );
        $ready = [self::safe(), ...$cuts, ...self::allParked()];
        self::assertSame(
            'First: Kit complete, undamaged, in date; leaflet read.', self::refusal($ready, new ConnectorFitted('')),
        );
        self::assertStringContainsString('Which phase it is', (string) self::refusal(
            [...self::looked($ready), new Withdrawn('entry-'.(\count(self::looked($ready)) - 1), 'slip')], new ConnectorFitted(''),
        ));
        self::assertNull(self::refusal(self::looked($ready), new ConnectorFitted('')));
    }

    #[Test]
    public function aCutThatIsOutStopsTheConnectorUntilItIsRightOrAnEngineerAcceptsIt(): void
    {
        $log = [self::safe(), ...self::allCuts(), ...self::allParked(), self::cut(End::B, Cut::Insulation, '59')];
        self::assertSame(
            'The cut of the insulation of end B is out. Put it right, or let an engineer accept it, before it is hidden.',
            self::refusal($log, new ConnectorFitted('')),
        );
        $seen = self::looked($log);
        self::assertNull(self::refusal(
            [...$seen, new DeviationAccepted(MarkPlace::of(End::B, Cut::Insulation), 'filled')], new ConnectorFitted(''),
        ));
        self::assertNull(self::refusal([...$seen, self::cut(End::B, Cut::Insulation, '57.5')], new ConnectorFitted('')));
        self::assertSame(
            'There is nothing to accept: this cut is not out.',
            self::refusal($log, new DeviationAccepted(MarkPlace::of(End::A, Cut::Insulation), 'no')),
        );
        self::assertNull(self::refusal($log, new DeviationAccepted(MarkPlace::of(End::B, Cut::Insulation), 'filled')));
        self::assertSame(
            'There is nothing to accept: this cut is not out.',
            self::refusal([self::safe()], new DeviationAccepted(MarkPlace::of(End::B, Cut::Insulation), 'not cut yet')),
        );
    }

    #[Test]
    public function anAcceptanceIsOfTheReadingThatTheEngineerLookedAt(): void
    {
        $log = [self::safe(), ...self::allCuts(), self::cut(End::B, Cut::Insulation, '59')];
        $last = 'entry-'.(\count($log) - 1);
        $accept = static fn (string $of): DeviationAccepted => new DeviationAccepted(MarkPlace::of(End::B, Cut::Insulation), 'filled', $of);
        self::assertNull(self::refusal($log, $accept($last)));
        self::assertNotNull(self::refusal([...$log, self::cut(End::B, Cut::Insulation, '59.5')], $accept($last)));
    }

    #[Test]
    public function aNewReadingOfACutTakesAnAcceptanceBack(): void
    {
        $log = [
            self::safe(),
            ...self::allCuts(),
            self::cut(End::B, Cut::Insulation, '59'),
            new DeviationAccepted(MarkPlace::of(End::B, Cut::Insulation), 'filled'),
            self::cut(End::B, Cut::Insulation, '59.5'),
        ];
        self::assertFalse(self::plan($log)->progress?->next()->isDone ?? true);
    }

    #[Test]
    public function afterTheConnectorNothingThatItHidesIsRecorded(): void
    {
        $log = [self::safe(), ...self::allCuts(), ...self::allParked(), new ConnectorFitted('B1')];
        self::assertStringStartsWith('The connector is on', (string) self::refusal($log, self::cut(End::A, Cut::Oversheath, '250')));
        self::assertStringStartsWith('The connector is on: withdraw', (string) self::refusal($log, new Withdrawn('entry-3', 'slip')));
        self::assertNull(self::refusal($log, new Withdrawn('entry-'.(\count($log) - 1), 'wrong job')));
        self::assertSame(Step::Record, self::plan($log)->next()->step);
    }

    #[Test]
    public function aPartIsParkedOnlyWhereTheKitAllowsIt(): void
    {
        self::assertSame(
            'The stress tube cannot be parked on end B: the kit allows end A.',
            self::refusal([self::safe()], new PartParked(End::B, 'stress-tube')),
        );
        self::assertSame('This kit parks no such part.', self::refusal([self::safe()], new PartParked(End::A, 'umbrella')));
    }

    #[Test]
    public function aWithdrawnEntryStaysInTheLogAndNoLongerCounts(): void
    {
        $log = [
            self::safe(),
            self::cut(End::A, Cut::Oversheath, '250'),
            self::cut(End::A, Cut::Oversheath, '240'),
            new Withdrawn('entry-2', 'read wrong'),
        ];
        self::assertSame('250', self::plan($log)->build->cut(MarkPlace::of(End::A, Cut::Oversheath))?->event->reading->typed);
        self::assertStringContainsString('no such entry to withdraw', (string) self::refusal($log, new Withdrawn('entry-2', 'again')));
    }

    /** Common practice: who answers for letting something stand is who takes that back. */
    #[Test]
    public function whatAnEngineerLetStandIsTakenBackByAnEngineerAndTheRestByWhoBuilds(): void
    {
        $log = [
            self::safe(), self::cut(End::A, Cut::Oversheath, '240'),
            new DeviationAccepted(MarkPlace::of(End::A, Cut::Oversheath), 'filled'), new Withdrawn('entry-1', 'slip'),
        ];
        $gate = new Gate(self::plan($log));
        $writers = array_map(static fn (int $line): Writer => $gate->writer(new Withdrawn("entry-$line", 'why')), [0, 1, 2, 3, 9]);
        self::assertSame([Writer::Jointer, Writer::Jointer, Writer::Engineer, Writer::Jointer, Writer::Jointer], $writers);
        self::assertSame(Writer::Engineer, $gate->writer(new DeviationAccepted(MarkPlace::of(End::A, Cut::Oversheath), 'why')));
        self::assertSame(Writer::Jointer, $gate->writer(self::safe()));
        self::assertSame(
            [null, null], [EventKind::Withdrawn->withdrawer(), EventKind::PlanChanged->withdrawer()], 'what tells of the log itself stays',
        );
    }

    #[Test]
    public function aKitThatDoesNotFitStopsTheFirstCutWithItsReason(): void
    {
        $job = Example::with(Example::joint(), 'ends.A.readings.insulation', Example::readings('16.4'));
        $plan = Written::plan(Example::read($job)->job, [self::safe()]);
        $refusal = (new Gate($plan))->refusal(self::cut(End::A, Cut::Oversheath, '250'));
        self::assertSame(
            'End A: Over the insulation 16.4 mm; size M takes 17 mm to 24 mm: 0.6 mm too small.',
            null === $refusal ? '' : (new Reader(LengthUnit::Millimetre))->say($refusal),
        );
        self::assertSame(Step::Kit, $plan->next()->step);
    }

    #[Test]
    public function aCutOfAHairOrOfAStreetIsASlip(): void
    {
        $refused = static fn (string $typed): bool => null !== self::refusal([self::safe()], self::cut(End::A, Cut::Oversheath, $typed));
        self::assertSame([true, false, false, true], [$refused('0.99'), $refused('1'), $refused('5000'), $refused('5000.1')]);
    }

    #[Test]
    public function aWetCableIsNotCutToSize(): void
    {
        $plan = Written::plan(
            Example::read(Example::with(Example::joint(), 'ends.B.conditions', ['strands-dry' => 'no']))->job, [self::safe()],
        );
        self::assertStringStartsWith(
            'End B: There is water in the strands', (string) Written::refusal($plan, self::cut(End::A, Cut::Oversheath, '250')),
        );
    }

    #[Test]
    public function partsAreParkedBeforeTheFirstCut(): void
    {
        self::assertSame('complete', self::plan([self::safe()])->next()->task?->check?->key, 'a kit that lacks a part is no kit');
        $begun = Written::seen(Example::read(Example::joint())->job, [self::safe()], 'begin');
        self::assertSame('outer-sleeve', self::plan($begun)->next()->task?->item?->key);
        self::assertSame(Cut::Oversheath, self::plan([...$begun, ...self::allParked()])->next()->task?->mark?->place->cut);
        $ready = [...$begun, ...self::allParked(), ...self::allCuts()];
        self::assertSame('clean', self::plan($ready)->next()->task?->check?->key);
        self::assertSame('Fit the connector', self::plan(self::looked($ready))->next()->title->template);
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function advice(): iterable
    {
        yield 'inside' => ['57.5', null];
        yield 'not proved' => ['57.8', 'Inside by 0.2 mm, less than the ± 0.5 mm of the instrument. Measure again with something finer.'];
        yield 'out within the uncertainty' => [
            '58.3', 'Out by 0.3 mm, less than the ± 0.5 mm of the instrument. Measure again with something finer before you mend it.',
        ];
        yield 'short' => ['55', '2 mm short. Re-mark from the cable end, take off what is missing, and measure again.'];
        yield 'too far' => ['60', 'Cut 2 mm too far, and it cannot be put back.'];
        yield 'typed in the wrong unit' => [
            '2.26', '2.26 mm cannot be this cut, but 2.26 in can: was it read in the other unit? Record it again with its unit.',
        ];
    }

    #[Test]
    #[DataProvider('advice')]
    public function whatToDoAboutAReadingIsSaidOnTheSpot(string $typed, ?string $says): void
    {
        $mark = self::plan([])->markOut?->mark(End::A, Cut::Insulation) ?? self::fail('no mark');
        $reading = Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule);
        $advice = CutAdvice::on($mark, $reading, Judgement::ofReading($reading, $mark->window()));
        self::assertSame($says, null === $advice ? null : (new Reader(LengthUnit::Millimetre))->say($advice));
    }

    /** @param list<Event> $events */
    private static function refusal(array $events, Event $event): ?string
    {
        return Written::refusal(self::plan($events), $event);
    }

    /** @param list<Event> $events */
    private static function plan(array $events): Plan
    {
        return Written::plan(Example::read(Example::joint())->job, $events);
    }

    private static function safe(): SafetyConfirmed
    {
        return Written::safe();
    }

    private static function cut(End $end, Cut $cut, string $typed): CutMeasured
    {
        return new CutMeasured(MarkPlace::of($end, $cut), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule));
    }

    /** @return list<CutMeasured> */
    private static function allCuts(): array
    {
        $cuts = [];
        foreach (End::cases() as $end) {
            foreach (['250', '215', '165', '57.5'] as $i => $typed) {
                $cuts[] = self::cut($end, [Cut::Oversheath, Cut::MetallicScreen, Cut::InsulationScreen, Cut::Insulation][$i], $typed);
            }
        }

        return $cuts;
    }

    /**
     * @param list<Event> $events
     *
     * @return list<Event>
     */
    private static function looked(array $events): array
    {
        return Written::seen(Example::read(Example::joint())->job, $events, 'begin', 'connector');
    }

    /** @return list<PartParked> */
    private static function allParked(): array
    {
        return [new PartParked(End::A, 'outer-sleeve'), new PartParked(End::A, 'stress-tube')];
    }
}
