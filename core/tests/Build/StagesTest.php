<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Gate;
use Berm\Core\Build\StageProgress;
use Berm\Core\Build\Timing;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Each;
use Berm\Core\Check\Look;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Measured;
use Berm\Core\Check\Tightened;
use Berm\Core\Check\Waited;
use Berm\Core\File\BadDocument;
use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A sheet whose stages order the work: each begins when those before it are done, and a stage that hides another waits for it. */
final class StagesTest extends TestCase
{
    #[Test]
    public function aStageBeginsWhenTheOnesBeforeItAreDone(): void
    {
        self::assertSame('First: Park the outer sleeve on end A.', self::refusal([], self::cut(End::A, Cut::Oversheath, '250')));
        self::assertSame(
            'First: Threaded.', self::refusal(self::parked(), self::cut(End::A, Cut::Oversheath, '250')), 'the stage is not finished yet',
        );
        self::assertSame('', self::refusal([...self::parked(), new StageFinished('park')], self::cut(End::A, Cut::Oversheath, '250')));
    }

    #[Test]
    public function aStageIsNotFinishedBeforeWhatItAsksForIsWrittenDownAndRight(): void
    {
        self::assertSame('First: Gap left, end A.', self::refusal(self::cutToSize(), new StageFinished('cut')));
        $wide = [...self::cutToSize(), self::gap(End::A, '9')];
        self::assertSame(
            'Gap left, end A: it is out. Put it right, or let an engineer accept it.', self::refusal($wide, new StageFinished('cut')),
        );
        $accepted = [...$wide, new CheckAccepted(CheckPlace::of('cut', 'gap', Where::of(End::A, null)), 'filled'), self::gap(End::B, '3')];
        self::assertSame('', self::refusal($accepted, new StageFinished('cut')));
        self::assertSame(
            'Gap left, end A',
            (new Reader(LengthUnit::Millimetre))->say(self::plan([...$accepted, self::gap(End::A, '9.5')])->next()->title),
            'a new answer takes the acceptance back',
        );
    }

    #[Test]
    public function whatComesFirstIsSaidInTheReadersOwnWords(): void
    {
        $refusal = (new Gate(self::plan([...self::parked(), new StageFinished('park')])))->refusal(new StageFinished('cut'));
        self::assertSame('First: Cut the jacket, end A.', null === $refusal ? '' : (new Reader(LengthUnit::Inch))->say($refusal));
        self::assertSame('First: Cut the oversheath, end A.', null === $refusal ? '' : (new Reader(LengthUnit::Millimetre))->say($refusal));
    }

    #[Test]
    public function aLengthIsJudgedAgainstItsFormulaWithTheUncertaintyOfTheInstrument(): void
    {
        $verdict = static fn (string $typed): ?Verdict => self::plan([
            ...self::cutToSize(), self::gap(End::A, $typed),
        ])->progress?->task(CheckPlace::of('cut', 'gap', Where::of(End::A, null)))?->verdict?->verdict;
        self::assertSame(
            [Verdict::Inside, Verdict::NotProved, Verdict::Out],
            [$verdict('4'), $verdict('6.8'), $verdict('7.1')],
            'at most half a connector less 45 mm: 7 mm',
        );
    }

    #[Test]
    public function anAnswerOfAnotherKindIsNotTaken(): void
    {
        self::assertSame(
            'This is not an answer to: Gap left.',
            self::refusal(self::cutToSize(), new CheckMade(CheckPlace::of('cut', 'gap', Where::of(End::A, null)), Looked::andItIsSo())),
        );
        self::assertSame(
            'There is no such check on this job.',
            self::refusal(self::cutToSize(), new CheckMade(CheckPlace::of('cut', 'gap', Where::of(null, null)), Looked::andItIsSo())),
        );
    }

    #[Test]
    public function aTorqueMayBeReadInEitherUnit(): void
    {
        $out = static fn (string $torque): bool => self::plan([
            ...self::joined(),
            new CheckMade(CheckPlace::of('close', 'torque', Where::of(null, null)), new Tightened(Torque::parse($torque))),
        ])->progress?->task(CheckPlace::of('close', 'torque', Where::of(null, null)))->isOut ?? false;
        self::assertSame(
            [false, false, true],
            [$out('50 lbf·ft'), $out('81 N·m'), $out('60.1 lbf·ft')],
            '68 to 81 N·m is 50 to 60 lbf·ft (common practice)',
        );
    }

    #[Test]
    public function aWaitIsCountedFromTheLog(): void
    {
        $torque = new CheckMade(CheckPlace::of('close', 'torque', Where::of(null, null)), new Tightened(Torque::parse('70 N·m')));
        $wait = new CheckMade(CheckPlace::of('close', 'cool', Where::of(null, null)), Waited::itOut());
        $isOut = static fn (int $minutes): bool => Plan::ofLog(
            self::job(),
            [
                ...Written::log(self::job(), [Written::safe(), ...self::joined(), $torque]),
                Entry::of('late', 'Test', self::start()->modify("+$minutes minutes"), $wait),
            ],
        )->progress?->task(CheckPlace::of('close', 'cool', Where::of(null, null)))->isOut ?? false;
        self::assertSame([true, false], [$isOut(9), $isOut(10)]);
    }

    /** Written down an hour later, with the time when it was done: that time counts. */
    #[Test]
    public function aWaitIsJudgedByWhenItWasDone(): void
    {
        $place = CheckPlace::of('close', 'cool', Where::of(null, null));
        $isOut = static function (int $doneAfter) use ($place): bool {
            $timing = Timing::kept(self::start()->modify("+$doneAfter minutes"), true, null);
            $late = Entry::of('late', 'Test', self::start()->modify('+60 minutes'), new CheckMade($place, Waited::itOut()), $timing);

            return Plan::ofLog(
                self::job(), [...Written::log(self::job(), [Written::safe(), ...self::joined()]), $late],
            )->progress?->task($place)->isOut ?? false;
        };
        self::assertSame([true, false], [$isOut(9), $isOut(10)]);
    }

    #[Test]
    public function anAcceptanceIsOfTheAnswerThatTheEngineerLookedAt(): void
    {
        $place = CheckPlace::of('cut', 'gap', Where::of(End::A, null));
        $made = [...self::cutToSize(), self::gap(End::A, '9')];
        $last = 'entry-'.\count($made);
        self::assertSame('', self::refusal($made, new CheckAccepted($place, 'filled', $last)));
        self::assertStringStartsWith(
            'This check has been made again',
            self::refusal([...$made, self::gap(End::A, '9.5')], new CheckAccepted($place, 'filled', $last)),
        );
        self::assertSame(
            'There is nothing to accept: this check is not out.', self::refusal(self::cutToSize(), new CheckAccepted($place, 'filled')),
        );
    }

    #[Test]
    public function whatALaterStageRestsOnIsWithdrawnAfterIt(): void
    {
        $cut = [...self::cutToSize(), self::gap(End::A, '3'), self::gap(End::B, '3'), new StageFinished('cut')];
        self::assertSame(
            '"Threaded" is finished and rests on it: withdraw that first.',
            self::refusal($cut, new Withdrawn('entry-1', 'slip')),
            'a part of that stage',
        );
        self::assertSame(
            '"Cut" is finished and rests on it: withdraw that first.',
            self::refusal($cut, new Withdrawn('entry-3', 'slip')),
            'the end of the stage before',
        );
        self::assertSame('', self::refusal($cut, new Withdrawn('entry-'.\count($cut), 'slip')), 'the last one');
        self::assertSame(
            '',
            self::refusal(\array_slice($cut, 0, -1), new Withdrawn('entry-'.(\count($cut) - 1), 'slip')),
            'a check of a stage that goes on',
        );
    }

    #[Test]
    public function aStageIsAskedOnlyWhereItsConditionHolds(): void
    {
        $stages = static fn (string $when): array => array_map(
            static fn (StageProgress $one): string => $one->stage->key,
            Written::plan(
                self::job([['key' => 'file', 'title' => 'File the bolts', 'when' => $when]]), [Written::safe()],
            )->progress->stages ?? [],
        );
        self::assertSame(['park', 'cut', 'connector', 'close'], $stages('connector_fixing == "shear-bolt"'));
        self::assertSame(['park', 'cut', 'connector', 'file', 'close'], $stages('connector_fixing == "crimp"'));
    }

    /** A check with a condition that cannot be told yet is asked; one whose condition is known not to hold is not. */
    #[Test]
    public function aCheckIsAskedUnlessItsConditionIsKnownNotToHold(): void
    {
        $vocabulary = Vocabulary::withDimensions([]);
        $check = static fn (?string $when): Check => new Check(
            'c', 'Look', Each::Once, null === $when ? null : Formula::parse($when, $vocabulary, Dimension::Truth), new Look(), 'So.', '',
        );
        $isIn = static fn (?string $when): bool => $check($when)->isIn(Values::of(['connector_fixing' => 'crimp']));
        self::assertSame(
            [true, true, false, true],
            [$isIn(null), $isIn('connector_fixing == "crimp"'), $isIn('connector_fixing == "shear-bolt"'), $isIn('bore_depth > 50 mm')],
        );
    }

    #[Test]
    public function theConnectorIsFittedInOneStage(): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage('connector');
        self::job([['key' => 'again', 'title' => 'Once more', 'fitsConnector' => true]]);
    }

    #[Test]
    public function whatIsLookedAtIsSoOrIsOut(): void
    {
        $when = new Circumstances(Values::of([]), self::start(), null);
        $said = static function (Looked $answer) use ($when): array {
            $verdict = (new Look())->judge($answer, $when);

            return [$verdict->verdict, $verdict->sentence->template];
        };
        self::assertSame([Verdict::Inside, 'Yes.'], $said(Looked::andItIsSo()));
        self::assertSame([Verdict::Out, 'No.'], $said(Looked::andItIsNot()));
    }

    #[Test]
    public function aHoldPointWaitsForAnEngineerAndLaterStagesRestOnEarlierOnes(): void
    {
        $made = [
            ...self::joined(),
            new Applied(WorkPlace::of('close', WorkKind::Set, 'stress-tube', Where::of(null, null))),
            new Applied(WorkPlace::of('close', WorkKind::Set, 'outer-sleeve', Where::of(null, null))),
            new CheckMade(CheckPlace::of('close', 'torque', Where::of(null, null)), new Tightened(Torque::parse('70 N·m'))),
            new CheckMade(CheckPlace::of('close', 'cool', Where::of(null, null)), Waited::itOut()),
            new CheckAccepted(CheckPlace::of('close', 'cool', Where::of(null, null)), 'cold day'),
        ];
        self::assertSame('Finish the stage first.', self::refusal($made, new HoldReleased('close')));
        $finished = [...$made, new StageFinished('close')];
        self::assertFalse(self::plan($finished)->completion()->isDone());
        self::assertTrue(self::plan([...$finished, new HoldReleased('close')])->completion()->isDone());
        self::assertSame(
            '"Close" is finished and rests on it: withdraw that first.',
            self::refusal($finished, new Withdrawn('entry-'.(\count($finished) - 3), 'slip')),
        );
        self::assertSame('The connector is on: withdraw that entry first.', self::refusal($finished, new Withdrawn('entry-1', 'slip')));
        self::assertSame('', self::refusal($finished, new Withdrawn('entry-'.\count($finished), 'too early')));
    }

    /** @return list<Event> */
    private static function parked(): array
    {
        return [new PartParked(End::A, 'outer-sleeve'), new PartParked(End::A, 'stress-tube')];
    }

    /** @return list<Event> */
    private static function cutToSize(): array
    {
        $cuts = [];
        foreach (End::cases() as $end) {
            foreach ([
                'oversheath' => '250', 'metallic-screen' => '215', 'insulation-screen' => '165', 'insulation' => '57.5',
            ] as $cut => $typed) {
                $cuts[] = self::cut($end, Cut::from($cut), $typed);
            }
        }

        return [...self::parked(), new StageFinished('park'), ...$cuts];
    }

    /** @return list<Event> */
    private static function joined(): array
    {
        return [
            ...self::cutToSize(),
            self::gap(End::A, '3'),
            self::gap(End::B, '3'),
            new StageFinished('cut'),
            new ConnectorFitted('B1'),
            new StageFinished('connector'),
        ];
    }

    private static function gap(End $end, string $typed): CheckMade
    {
        return new CheckMade(
            CheckPlace::of('cut', 'gap', Where::of($end, null)),
            new Measured(Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule)),
        );
    }

    private static function cut(End $end, Cut $cut, string $typed): CutMeasured
    {
        return new CutMeasured(MarkPlace::of($end, $cut), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule));
    }

    /** @param list<Event> $events */
    private static function refusal(array $events, Event $event): string
    {
        return Written::refusal(self::plan($events), $event) ?? '';
    }

    /** @param list<Event> $events */
    private static function plan(array $events): Plan
    {
        return Written::plan(self::job(), [Written::safe(), ...$events]);
    }

    private static function start(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-03-14T08:30:00Z');
    }

    /** @param list<array<string, mixed>> $more stages before the last */
    private static function job(array $more = []): \Berm\Core\Job\Job
    {
        $check = static fn (string $key, string $kind, array $more): array => [
            'key' => $key,
            'ask' => 'gap' === $key ? 'Gap left' : ucfirst($key),
            'kind' => $kind,
            'reason' => 'As the test has it.',
            ...$more,
        ];
        $stages = [
            ['key' => 'park', 'title' => 'Threaded', 'parks' => ['stress-tube', 'outer-sleeve']],
            [
                'key' => 'cut',
                'title' => 'Cut',
                'cuts' => ['oversheath', 'metallic-screen', 'insulation-screen', 'insulation'],
                'checks' => [$check('gap', 'length', ['each' => 'end', 'max' => 'connector_length / 2 - 45 mm'])],
            ],
            ['key' => 'connector', 'title' => 'Crimp', 'fitsConnector' => true, 'oneWay' => true],
            ...$more,
            [
                'key' => 'close',
                'title' => 'Close',
                'installs' => ['stress-tube', 'outer-sleeve'],
                'holdPoint' => true,
                'checks' => [
                    $check('torque', 'torque', ['min' => '67.5 N·m', 'max' => '60 lbf·ft']),
                    $check('cool', 'wait', ['after' => 'connector', 'min' => '10 min']),
                ],
            ],
        ];

        return Example::read(Example::with(Example::joint(), 'kit.sheet.stages', $stages))->job;
    }
}
