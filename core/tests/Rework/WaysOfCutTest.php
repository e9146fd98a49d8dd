<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Rework\Aftermath;
use Berm\Core\Rework\KitAtHand;
use Berm\Core\Rework\Thinnest;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WayKind;
use Berm\Core\Rework\WaysOfCut;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What can still be done about a cut that is out. Common practice: a strip can be lengthened, never put back. */
final class WaysOfCutTest extends TestCase
{
    private const JOINT = 'quillon-ribbed-36';

    #[Test]
    public function tooFarIsCutBackOrAnotherConnectorIsTakenAndTheRestIsRuledOutByANumber(): void
    {
        $ways = self::ways(self::JOINT, Length::ofMillimetres(8));
        self::assertSame(['cut-back', 'start-over', 'put-in'], self::one($ways), 'by what they use up');
        $back = $ways['cut-back'];
        self::assertSame('Cut end A back by 9 mm', self::say($back->title));
        self::assertSame(['9 mm', '8 mm', '9 mm'], [
            $back->cost->cable->toText(), $back->choice->sawing?->window?->min?->toText(), $back->choice->sawing?->window?->max?->toText(),
        ]);
        self::assertSame(['insulation'], array_map(self::cut(...), $back->comes->kept ?? []));
        $again = array_map(self::cut(...), $back->comes->again ?? []);
        self::assertSame(['oversheath', 'metallic-screen', 'insulation-screen'], $again, 'from the outside in');
        self::assertSame(
            'It is out by 8 mm, more than the ± 0.5 mm of the instrument: another reading will not put it right.',
            self::why($ways['measure-again']),
        );
        self::assertSame('End A: the gap beside the connector is 15 mm; the kit asks for 0 mm to 11 mm.', self::why($ways['let-stand']));
        self::assertSame(
            'Of 3 that go on these conductors and in this kit, none is right with this cut at 56.2 mm.', self::why($ways['other-connector']),
        );
        self::assertTrue($ways['make-safe']->isOne(), 'always');
    }

    /** The kit fills a gap of so much: no rule breaks, and the sheet's own window is an engineer's to pass over. */
    #[Test]
    public function whereEveryRuleHoldsAnEngineerMayLetItStand(): void
    {
        $way = self::ways('quillon-straight-12', Length::ofMillimetres(8))['let-stand'];
        self::assertTrue($way->isOne());
        self::assertSame(Writer::Engineer, $way->by);
        self::assertSame('0 mm', $way->cost->cable->toText());
        self::assertFalse($way->thinnest()?->margin->worst->isNegative());
    }

    #[Test]
    public function withinWhatTheInstrumentTellsItIsMeasuredAgain(): void
    {
        $ways = self::ways(self::JOINT, Length::ofMicrometres(300));
        self::assertTrue($ways['measure-again']->isOne());
        self::assertSame('measure-again', array_key_first($ways));
    }

    #[Test]
    public function whatIsShortIsCutOn(): void
    {
        $job = Spoilt::at(self::JOINT, static fn (Mark $mark): ?Length => End::A === $mark->place->end
            && Cut::Insulation === $mark->place->cut ? Length::ofMillimetres(-6) : null);
        $ways = self::found($job);
        self::assertSame(['cut-on', 'make-safe', 'measure-again'], self::sorted($ways));
        self::assertSame('Take 6 mm more off', self::say($ways['cut-on']->title));
    }

    /** Once an end is shorter, all of its cuts are: each is taken further, and none stands in the way of the others. */
    #[Test]
    public function afterTheConnectorIsCutOutEachCutIsTakenFurther(): void
    {
        $job = Spoilt::atCheck(self::JOINT, 'centre', Length::ofMillimetres(-6));
        $off = Spoilt::reading(Length::ofMillimetres(58));
        self::assertNull($job->write(new CutOut($off, $off, 'tube off its place')));
        foreach ([Cut::Oversheath, Cut::MetallicScreen, Cut::InsulationScreen] as $cut) {
            $ways = WaysOn::from($job->plan, MarkPlace::of(End::A, $cut), [], []);
            self::assertSame(WayKind::CutOn, $ways[0]->kind, $cut->value);
            self::assertTrue($ways[0]->isOne(), self::why($ways[0]));
        }
        self::assertNull($job->toTheEnd());
    }

    /** The strip of another connector that goes on the same conductors, and whose other cuts are the same. */
    #[Test]
    public function aConnectorWhoseStripIsAsLongIsTaken(): void
    {
        $job = Demo::corner('quillon-pairs-36');
        $at = static fn (Job $job): Length => Plan::ofLog($job, [])->markOut?->mark(End::A, Cut::Insulation)->at ?? Length::ofNanometres(0);
        $longer = $at($job->withConnector(Demo::connector('corvane-shear-1-0-250')))->minus($at($job));
        self::assertSame('10.775 mm', $longer->toText());
        $ways = self::ways('quillon-pairs-36', $longer->minus(Length::ofMillimetres(1)));
        $taken = $ways['other-connector'];
        self::assertSame('corvane-shear-1-0-250', $taken->choice->connector?->revision->id, self::why($taken));
        self::assertTrue($ways['other-connector']->isOne());
        $one = ['cut-back', 'start-over', 'one-core', 'other-connector', 'put-in'];
        self::assertSame($one, self::one($ways), 'a connector is more than cable');
    }

    /** A kit that takes a wider gap, of which there is a box: the one that is nearest to expire first. */
    #[Test]
    public function aKitInStockWhoseStripIsAsLongIsTaken(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        $kit = static function (string $name, ?string $expires, string $gap = '22 mm'): KitAtHand {
            $job = Demo::corner(self::JOINT, [
                'id' => 'other-'.strtolower($name), 'name' => $name, 'placeRules.1.max' => $gap,
                'cuts.3.cases.0.distance' => 'half_connector + 15 mm',
                'cuts.3.cases.1.distance' => 'half_connector + 15 mm',
            ]);

            return new KitAtHand(
                $job->sheet ?? self::fail('it has a sheet'), $job->size ?? self::fail('and a size'),
                null === $expires ? null : new \DateTimeImmutable($expires), 2,
            );
        };
        $taken = static fn (KitAtHand ...$kits): Way => array_column(array_map(
            static fn (Way $way): array => [$way->kind->value, $way],
            WaysOn::from($job->plan, $job->spoilt ?? self::fail('it is out'), [], array_values($kits)),
        ), 1, 0)['other-kit'];
        $way = $taken($kit('Never', null), $kit('Later', '2027-05-01'), $kit('Sooner', '2027-04-01'));
        self::assertStringStartsWith('Take Sooner, size', self::say($way->title), self::why($way));
        self::assertStringEndsWith('2 in stock. One expires on 1 Apr 2027.', self::say($way->does));
        self::assertSame([0, 1], [$way->cost->connectors, $way->cost->kits]);
        self::assertSame(
            'Of 1 in stock that fit these cables, none is right with this cut at 56.2 mm.',
            self::why($taken($kit('Narrow', null, '12 mm'))),
        );
        $none = 'No box of another kit or size that fits these cables is written down in the store or on a van.';
        self::assertSame($none, self::why($taken()));
    }

    #[Test]
    public function theConductorsStillHaveToMeet(): void
    {
        $back = static fn (?string $slack): Way => self::ways(self::JOINT, Length::ofMillimetres(8), $slack)['cut-back'];
        self::assertTrue($back('9 mm')->isOne());
        self::assertSame('It needs 9 mm of slack; 7.5 mm is left at end A.', self::why($back('7.5 mm')));
        self::assertSame('Cut end A back by 8 mm', self::say($back('8.5 mm')->title), 'just inside');
        self::assertTrue($back(null)->isOne());
        $asks = 'It needs 9 mm of slack: nobody has measured what end A has.';
        self::assertStringContainsString($asks, self::say($back(null)->does));
        self::assertStringNotContainsString('slack', self::say($back('9 mm')->does));
    }

    #[Test]
    public function whatWasAftermathBeforeIsNotThereAnyMore(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8), '20 mm');
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(2)), 'too far')));
        self::assertTrue(self::found($job)['cut-back']->isOne(), '18 left, 7 needed');
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8), '7 mm');
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(2)), 'too far')));
        self::assertSame('It needs 7 mm of slack; 5 mm is left at end A.', self::why(self::found($job)['cut-back']));
    }

    #[Test]
    public function whatIsNoFaultIsSaid(): void
    {
        $job = Spoilt::insideOut(self::JOINT, Length::ofMillimetres(8));
        $refusal = static fn (MarkPlace $place): string => self::say(WaysOfCut::refusal($job->plan, $place));
        self::assertSame(
            'This cut is inside its limits: there is nothing to put right.', $refusal(MarkPlace::of(End::A, Cut::Oversheath)),
        );
        self::assertSame('This cut is not made yet: there is nothing to put right.', $refusal(MarkPlace::of(End::B, Cut::Insulation)));
        self::assertSame('There is no such cut on this job.', $refusal(MarkPlace::of(End::A, Cut::Insulation, 2)));
        self::assertNull(WaysOfCut::refusal($job->plan, MarkPlace::of(End::A, Cut::Insulation)));
    }

    /** @return iterable<string, array{string, int}> 4 seeded jobs here; 300 with BERM_BUILDS=all, by ./berm builds */
    public static function seeded(): iterable
    {
        mt_srand(20261128);
        $sheets = Demo::second();
        for ($i = 0; $i < ('all' === getenv('BERM_BUILDS') ? 300 : 4); ++$i) {
            $sheet = $sheets[mt_rand(0, \count($sheets) - 1)];
            $past = mt_rand(1, 20);
            yield "$i: $sheet, $past mm" => [$sheet, $past];
        }
    }

    /** By brute force: every length that could be sawn off, on a grid of 1 mm. None that is less puts it right and keeps every rule. */
    #[Test]
    #[DataProvider('seeded')]
    public function noLessCableWouldDo(string $sheet, int $past): void
    {
        $job = Spoilt::insideOut($sheet, Length::ofMillimetres($past));
        $way = self::found($job)['cut-back'];
        $least = null;
        for ($by = 1; $by <= $past + 4; ++$by) {
            $sawn = Aftermath::of($job->plan, new CutBack(End::A, Spoilt::reading(Length::ofMillimetres($by)), ''));
            $isRight = null === $sawn->refusal() && null === Thinnest::broken($sawn->made());
            foreach ($sawn->after->markOut?->all() ?? [] as $mark) {
                $judgement = $sawn->after->build->judgementOf($mark);
                $isRight = $isRight && !(Verdict::Out === $judgement?->verdict && $judgement->isTooLong());
            }
            $least ??= $isRight ? $by : null;
        }
        self::assertSame(null !== $least, $way->isOne(), self::why($way));
        // It aims at the middle of the window, which is no wider than what lies between.
        $atLeast = $way->choice->sawing?->window->min ?? self::fail('it saws');
        self::assertTrue(null === $least || $atLeast->isAtMost(Length::ofMillimetres($least)), 'less would do');
        self::assertTrue(null === $least || $way->cost->cable->isAtMost(Length::ofMillimetres($least + 3)), 'more than it takes');
    }

    /** @return array<string, Way> by kind */
    private static function ways(string $sheet, Length $past, ?string $slack = null): array
    {
        return self::found(Spoilt::insideOut($sheet, $past, $slack));
    }

    /**
     * @param array<string, Way> $ways
     *
     * @return list<string> those that are one, but the one that always is
     */
    private static function one(array $ways): array
    {
        return array_keys(array_filter($ways, static fn (Way $way): bool => $way->isOne() && WayKind::MakeSafe !== $way->kind));
    }

    /** @return array<string, Way> */
    private static function found(Spoilt $job): array
    {
        $ways = [];
        $mark = $job->plan->markOut?->mark(End::A, Cut::Insulation, 1) ?? self::fail('it is marked out');
        foreach (WaysOn::from($job->plan, $mark->place, Demo::connectors(), []) as $way) {
            $ways[$way->kind->value] = $way;
        }
        self::assertSame(array_key_last($ways), WayKind::MakeSafe->value);

        return $ways;
    }

    /**
     * @param array<string, Way> $ways
     *
     * @return list<string> those that are one
     */
    private static function sorted(array $ways): array
    {
        $kinds = array_keys($ways);
        sort($kinds);

        return array_values(array_diff($kinds, [WayKind::LetStand->value]));
    }

    private static function cut(Mark $mark): string
    {
        return $mark->place->cut->value;
    }

    private static function why(?Way $way): string
    {
        return self::say($way?->refusal);
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
