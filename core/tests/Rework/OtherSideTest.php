<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\OtherSideTakes;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WayKind;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A screen that was cut too far on one end, and the other end takes it: the sum is right. Common practice, an engineer's. */
final class OtherSideTest extends TestCase
{
    #[Test]
    public function theScreenOfTheOtherEndIsCutAsMuchNearerAndTheSumIsAsPlanned(): void
    {
        $job = self::screenTooFar(1);
        [$a, $b] = [self::place(End::A), self::place(End::B)];
        $sum = self::mark($job, $a)->at->plus(self::mark($job, $b)->at);
        $way = self::way($job);
        self::assertTrue($way->isOne(), self::say($way->refusal));
        self::assertSame(Writer::Engineer, $way->by);
        self::assertSame('An engineer lets it stand, and end B takes it', self::say($way->title));
        self::assertTrue($job->take($way));
        self::assertNotNull($job->plan->build->acceptance(self::mark($job, $a)), 'this end is let stand');
        $cut = $job->plan->build->cut($a)?->event->reading->value ?? self::fail('it was cut');
        self::assertSame($sum->toText(), $cut->plus(self::mark($job, $b)->at)->toText());
        self::assertNull($job->toTheEnd());
        self::assertSame(Verdict::Inside, $job->plan->build->judgementOf(self::mark($job, $b))?->verdict);
    }

    #[Test]
    public function itIsRefusedWhereItCannotBe(): void
    {
        $job = self::screenTooFar(1);
        $say = static fn (MarkPlace $place, int $by, ?Spoilt $of = null): ?string => ($of ?? $job)->again()->write(
            new OtherSideTakes($place, Length::ofMillimetres($by), 'sum'),
        );
        self::assertNull($say(self::place(End::A), 2));
        self::assertSame('It lies 2.59 mm past its mark: the other end can take no more than that.', $say(self::place(End::A), 3));
        $none = 'This cut is not too long: there is nothing for the other end to take.';
        self::assertSame($none, $say(MarkPlace::of(End::A, Cut::Oversheath), 1));
        self::assertSame('There is no such cut on this job.', $say(MarkPlace::of(End::A, Cut::Armour), 1));
        $strip = Spoilt::insideOut('harrow-sock-28', Length::ofMillimetres(2));
        self::assertSame(
            'There is no such cut on the other end that could take it.', $say(MarkPlace::of(End::A, Cut::Insulation), 2, $strip),
            'a conductor that is not home',
        );
        $late = self::screenTooFar(1, End::B);
        self::assertSame('End A is cut there already: it cannot be put back.', $say(self::place(End::B), 2, $late));
    }

    /** What was let stand for the other end to take ends with the end that is cut back: the other is marked as the sheet has it again. */
    #[Test]
    public function itEndsWhereTheEndIsCutBack(): void
    {
        $job = self::screenTooFar(1);
        $planned = self::mark($job, self::place(End::B))->at;
        self::assertTrue($job->take(self::way($job)));
        self::assertTrue(self::mark($job, self::place(End::B))->at->isLessThan($planned));
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(5)), 'after all')));
        self::assertSame($planned->toText(), self::mark($job, self::place(End::B))->at->toText());
        self::assertNull($job->toTheEnd());
    }

    /** The insulation screen of an end so much past its window. */
    private static function screenTooFar(int $past, End $end = End::A): Spoilt
    {
        return Spoilt::at('harrow-sock-28', static fn (Mark $mark): ?Length => $end === $mark->place->end
            && Cut::InsulationScreen === $mark->place->cut ? $mark->tolerance->above->plus(Length::ofMillimetres($past)) : null);
    }

    private static function way(Spoilt $job): Way
    {
        foreach (WaysOn::from($job->plan, $job->spoilt ?? self::fail('it is out'), [], []) as $way) {
            if (WayKind::OtherSide === $way->kind) {
                return $way;
            }
        }
        self::fail('it is looked at');
    }

    private static function place(End $end): MarkPlace
    {
        return MarkPlace::of($end, Cut::InsulationScreen);
    }

    private static function mark(Spoilt $job, MarkPlace $place): Mark
    {
        return $job->plan->markOut?->mark($place->end, $place->cut) ?? self::fail('it is marked out');
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
