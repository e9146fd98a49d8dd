<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\MarkMoved;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measured;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WayKind;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Rework\WorkAnew;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What can still be done about a check that is out. Common practice (mistakes worth catching) where nothing else is said. */
final class WaysOfCheckTest extends TestCase
{
    private const SOCK = 'harrow-sock-28';

    /** Gap over check 2 after crimping: cut out. */
    #[Test]
    public function aGapOverCheckTwoAfterCrimpingIsCutOut(): void
    {
        $job = Spoilt::atCheck('marlpike-drawn-24', 'check-2', Length::ofMillimetres(3));
        $ways = self::ways($job);
        self::assertSame(WayKind::CutOut, self::first($ways, WayKind::MeasureAgain)->kind);
        $out = $ways['cut-out'] ?? self::fail('it is cut out');
        self::assertSame(
            ['1 connectors', '0 kits', '56 mm'],
            ["{$out->cost->connectors} connectors", "{$out->cost->kits} kits", $out->cost->cable->toText()],
        );
        self::assertSame(['A' => '28 mm', 'B' => '28 mm'], array_map(
            static fn (Length $off): string => $off->toText(), $out->choice->sawing->amounts ?? [],
        ));
        self::assertSame(
            'The insulation to insulation, at most check value 2 is 82 mm; the kit asks for at most 79 mm.', self::why($ways['let-stand']),
        );
        self::assertArrayNotHasKey('trim', $ways);
        self::assertArrayNotHasKey('cut-back', $ways, 'the connector is on');
        $made = $out->comes->plan ?? self::fail('it is planned');
        $anew = array_map(static fn (Task $task): string => self::say($task->title), WorkAnew::tasks($job->plan, $made));
        self::assertContains('Fit the connector', $anew);
        self::assertContains('Insulation to insulation, before crimping', $anew);
        self::assertNotContains('Isolated, identified, proved dead and earthed at the place of work; permit held', $anew);
        $seconds = $out->cost->work->seconds ?? self::fail('the sheet says how long its steps take');
        self::assertTrue(0 < $seconds && $seconds < (WorkAnew::left($made)->seconds ?? 0), 'and all that is left takes longer');
        self::assertTrue($job->take($out));
        self::assertNull($job->plan->build->connector, 'another one goes on');
        self::assertNull($job->toTheEnd());
    }

    /** The side that is long is trimmed, by its name: distance between the screens out of its window before the one-way step. */
    #[Test]
    public function screensTooCloseAreTrimmedOnANamedSide(): void
    {
        $job = self::tooClose();
        $trims = array_values(array_filter(self::all($job), static fn (Way $way): bool => WayKind::Trim === $way->kind));
        self::assertSame(
            ['Trim the insulation screen of end A by 3.78 mm', 'Trim the insulation screen of end B by 3.78 mm'],
            array_map(static fn (Way $way): string => self::say($way->title), $trims),
        );
        [$a] = $trims;
        $moved = $a->choice->writes;
        self::assertInstanceOf(MarkMoved::class, $moved);
        $place = MarkPlace::of(End::A, Cut::InsulationScreen);
        $before = self::at($job, $place);
        self::assertTrue($job->take($a));
        self::assertSame($moved->by->toText(), self::at($job, $place)->minus($before)->toText(), 'its mark lies as much further back');
        self::assertNull($job->plan->build->check($moved->for), 'that length is measured anew');
        self::assertNull($job->toTheEnd());
    }

    /** Each end has but so much to give until the body no longer laps its screen: half of it is given by each. */
    #[Test]
    public function whatNeitherEndCanGiveAloneIsGivenByBoth(): void
    {
        $job = self::tooClose(['placeRules.1.min' => '30 mm', 'placeRules.2.min' => '27 mm']);
        $trims = array_values(array_filter(self::all($job), static fn (Way $way): bool => WayKind::Trim === $way->kind));
        self::assertSame([
            'Trim the insulation screen by 1.89 mm on end A and by 1.89 mm on end B', 'Trim the insulation screen of end A by 3.78 mm',
            'Trim the insulation screen of end B by 3.78 mm',
        ], array_map(static fn (Way $way): string => self::say($way->title), $trims));
        self::assertSame([true, false, false], array_map(static fn (Way $way): bool => $way->isOne(), $trims));
        $places = [MarkPlace::of(End::A, Cut::InsulationScreen), MarkPlace::of(End::B, Cut::InsulationScreen)];
        $cuts = static fn (): array => array_map(static fn (MarkPlace $of): ?string => $job->plan->build->cut($of)?->entry->id, $places);
        $before = array_map(static fn (MarkPlace $place): Length => self::at($job, $place), $places);
        self::assertTrue($job->take($trims[0]));
        $moved = $trims[0]->choice->writes instanceof MarkMoved ? $trims[0]->choice->writes : self::fail('it is written down');
        self::assertSame([$moved->by->toText(), $moved->otherBy?->toText()], array_map(
            static fn (MarkPlace $place, Length $was): string => self::at($job, $place)->minus($was)->toText(), $places, $before,
        ));
        self::assertNull($job->toTheEnd());
        self::assertNotContains(null, $cuts());
    }

    /** What was given by both ends holds for each by itself: one is shortened, or moved once more, and the other keeps its mark. */
    #[Test]
    public function ofBothEndsEachKeepsItsMarkByItself(): void
    {
        $job = self::tooClose([], End::A);
        [$a, $b] = [MarkPlace::of(End::A, Cut::InsulationScreen), MarkPlace::of(End::B, Cut::InsulationScreen)];
        self::assertNull($job->write(new MarkMoved(
            $a, Length::ofMillimetres(3), $job->fault ?? self::fail('it is out'), 'too close', Length::ofMillimetres(1),
        )));
        $by = static fn (Spoilt $of): array => [$of->plan->build->movedBy($a)?->toText(), $of->plan->build->movedBy($b)?->toText()];
        self::assertSame(['3 mm', '1 mm'], $by($job));
        foreach ([[End::A, [null, '1 mm']], [End::B, ['3 mm', null]]] as [$end, $left]) {
            $other = $job->again();
            self::assertNull($other->write(new CutBack($end, Spoilt::reading(Length::ofMillimetres(20)), 'new')));
            self::assertSame($left, $by($other), "end $end->value is shortened");
            self::assertNull($other->toTheEnd(), "end $end->value is shortened, and built to the end");
        }
    }

    /** Moved by less than a cut may be off: as it was read before it would seem right. It is cut, and read anew, all the same. */
    #[Test]
    public function aMarkThatIsMovedByLessThanItsToleranceIsCutAnew(): void
    {
        $job = self::tooClose([], End::A);
        $place = MarkPlace::of(End::B, Cut::InsulationScreen);
        self::assertNotNull($job->plan->build->cut($place));
        self::assertNull($job->write(new MarkMoved(
            $place->onOtherEnd(), Length::ofMillimetres(3), $job->fault ?? self::fail('it is out'), 'too close', Length::ofMillimetres(1),
        )));
        $mark = $job->plan->markOut?->mark(End::B, Cut::InsulationScreen) ?? self::fail('it is marked out');
        $moved = $job->plan->build->movedBy($place) ?? self::fail('it is moved');
        self::assertTrue($moved->isLessThan($mark->tolerance->below), 'by less than its tolerance');
        self::assertNull($job->plan->build->cut($place), 'it is to be read anew');
        self::assertNull($job->toTheEnd());
    }

    #[Test]
    public function aMarkIsOnlyMovedToPutRightWhatIsOut(): void
    {
        $job = self::tooClose();
        $for = $job->fault ?? self::fail('it is out');
        $say = static fn (int $by, Cut $cut = Cut::InsulationScreen, ?CheckPlace $of = null): ?string => $job->again()->write(
            new MarkMoved(MarkPlace::of(End::A, $cut), Length::ofMillimetres($by), $of ?? $for, 'too close'),
        );
        self::assertSame('A cut is only made further back, by no more than 300 mm: -2 mm is not.', $say(-2));
        self::assertSame('A cut is only made further back, by no more than 300 mm: 301 mm is not.', $say(301));
        self::assertSame(
            'That length is not measured from this cut: it cannot be put right by it.', $say(4, Cut::Oversheath),
        );
        self::assertSame('There is no such cut on this job.', $say(4, Cut::Armour));
        self::assertSame(
            'End A: the marker would cover 5.4 mm of the insulation screen; the kit asks for 12.7 mm. It lies on the screen.', $say(50),
        );
        $other = CheckPlace::of($for->stage, 'home', $for->where);
        self::assertSame('That length is not out: there is nothing to put right.', $say(4, Cut::InsulationScreen, $other));
    }

    /** A body off its mark, one cone uncovered, found by both overlaps: cut out. It does not move once it has shrunk. */
    #[Test]
    public function aBodyOffItsMarkIsCutOutAndTheBoxHasNoOther(): void
    {
        $ways = self::ways(Spoilt::atCheck(self::SOCK, 'near-lap', Length::ofMillimetres(-6)));
        self::assertSame('The splice body is set: it does not move any more.', self::why($ways['move']));
        self::assertSame(
            'It goes on over the end of the cable: with the connector on, another one cannot be brought there.',
            self::why($ways['take-off']),
        );
        self::assertSame('cut-out', array_key_first($ways));
        self::assertSame([1, 1], [$ways['cut-out']->cost->connectors, $ways['cut-out']->cost->kits], 'and another kit');
    }

    /** Before the heat it is shifted, with what is then left at both ends. */
    #[Test]
    public function aTubeThatOnlyLiesThereIsMoved(): void
    {
        $move = self::ways(Spoilt::atCheck('marlpike-sets-24', 'stress', Length::ofMillimetres(-6)))['move'];
        self::assertTrue($move->isOne());
        self::assertSame('Move the stress tube by 18.28 mm towards end A', self::say($move->title));
        self::assertStringContainsString('to spare at end A', self::say($move->does));
        self::assertSame([0, 0, []], [$move->cost->connectors, $move->cost->kits, $move->cost->parts]);
    }

    /** What is only wound or laid comes off and is set again. */
    #[Test]
    public function aMarkerIsWoundAgain(): void
    {
        $job = Spoilt::atCheck('osterwick-lined-15', 'marker', Length::ofMillimetres(3));
        $off = self::ways($job)['take-off'];
        self::assertInstanceOf(TakenOff::class, $off->choice->writes);
        self::assertSame([], $off->cost->parts, 'nothing is lost');
        self::assertTrue($job->take($off));
        self::assertNull($job->toTheEnd());
    }

    /** Where the cuts say otherwise, a conductor is not home, or something was not read right: no cut puts that right. */
    #[Test]
    public function whatTheCutsContradictIsLookedAtAgain(): void
    {
        $first = self::all(Spoilt::atCheck('marlpike-drawn-24', 'check-1', Length::ofMillimetres(3)))[0];
        self::assertSame(WayKind::Mend, $first->kind);
        self::assertSame('See that each conductor is home, and measure again', self::say($first->title));
    }

    #[Test]
    public function aCheckThatIsNoneIsSaid(): void
    {
        $job = self::tooClose();
        $place = $job->fault ?? self::fail('it is out');
        $refusal = static fn (CheckPlace $of): string => self::say(WaysOn::refusal($job->plan, $of));
        $done = array_values(array_filter($job->plan->progress?->tasks() ?? [], static fn (Task $task): bool => $task->isDone))[0]
            ->checkPlace() ?? self::fail('a look comes first');
        self::assertSame('This check is inside its limits: there is nothing to put right.', $refusal($done));
        self::assertSame('There is no such check on this job.', $refusal(CheckPlace::of('hat', 'hat', $place->where)));
        $inside = $job->plan->progress?->task($place)?->window?->min?->plus(Length::ofMillimetres(1)) ?? self::fail('it has limits');
        $later = CheckPlace::of('body', 'near-lap', $place->where);
        self::assertSame('This check is not made yet: there is nothing to put right.', $refusal($later));
        self::assertNull($job->write(new CheckMade($place, new Measured(Spoilt::reading($inside)))));
        self::assertSame('This check is inside its limits: there is nothing to put right.', $refusal($place), 'measured again');
    }

    /** What is sawn off makes the end new: its marks are the sheet's own again. */
    #[Test]
    public function aMovedMarkEndsWithTheEnd(): void
    {
        $job = self::tooClose();
        $place = MarkPlace::of(End::A, Cut::InsulationScreen);
        $planned = self::at($job, $place);
        [$trim] = array_values(array_filter(self::all($job), static fn (Way $way): bool => WayKind::Trim === $way->kind));
        self::assertTrue($job->take($trim));
        self::assertNotSame($planned->toText(), self::at($job, $place)->toText());
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(20)), 'new')));
        self::assertSame($planned->toText(), self::at($job, $place)->toText());
        self::assertNull($job->toTheEnd());
    }

    /**
     * Every cut as short as its window lets it, and the screens closer than the body's window.
     *
     * @param array<string, mixed> $changes to the sheet, by path
     * @param End|null             $only    the cuts of this end alone; null: of both
     */
    private static function tooClose(array $changes = [], ?End $only = null): Spoilt
    {
        $off = static fn (Mark $mark): Length => null === $only || $only === $mark->place->end ? $mark->tolerance->below->negated()
            : Length::ofNanometres(0);

        return Spoilt::atCheck('harrow-anyscreen-35', 'screens', Length::ofMicrometres(-600), null, $off, $changes);
    }

    private static function at(Spoilt $job, MarkPlace $place): Length
    {
        return $job->plan->markOut?->mark($place->end, $place->cut)->at ?? self::fail('it is marked out');
    }

    /** @return list<Way> */
    private static function all(Spoilt $job): array
    {
        $place = $job->fault ?? self::fail('it is out');
        self::assertNull(WaysOn::refusal($job->plan, $place));

        return WaysOn::from($job->plan, $place, Demo::connectors(), []);
    }

    /** @return array<string, Way> by kind, of each the first */
    private static function ways(Spoilt $job): array
    {
        $ways = [];
        foreach (self::all($job) as $way) {
            $ways[$way->kind->value] ??= $way;
        }

        return $ways;
    }

    /** @param array<string, Way> $ways */
    private static function first(array $ways, WayKind $but): Way
    {
        foreach ($ways as $way) {
            if ($but !== $way->kind) {
                return $way;
            }
        }
        self::fail('there is none');
    }

    private static function why(Way $way): string
    {
        return self::say($way->refusal);
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
