<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\Job\Assembled;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Rework\OneCore;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WayKind;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The screen of one core of three is cut too far, and that core alone is cut back. */
final class OneCoreTest extends TestCase
{
    private const JOINT = 'marlpike-sets-24';

    /** @var array<string, Spoilt> by sheet */
    private static array $built = [];

    #[Test]
    public function itsOwnCutsLieNearerAndThoseOfTheOthersStay(): void
    {
        $job = self::spoilt(self::JOINT);
        $cut = static fn (Cut $cut, ?int $core): Length => $job->plan->build->cut(MarkPlace::of(End::A, $cut, $core))
            ?->event->reading->value ?? self::fail('it was cut');
        $were = [$cut(Cut::InsulationScreen, 1), $cut(Cut::InsulationScreen, 2), $cut(Cut::Oversheath, null)];
        $way = self::way($job);
        self::assertSame(Writer::Engineer, $way->by);
        self::assertSame('Cut core 2 of end A back by 10 mm, alone', self::say($way->title));
        self::assertTrue($job->take($way));
        $are = [$cut(Cut::InsulationScreen, 1), $cut(Cut::InsulationScreen, 2), $cut(Cut::Oversheath, null)];
        $nearer = array_map(static fn (Length $was, Length $is): float => $was->minus($is)->inMillimetres(), $were, $are);
        self::assertEquals([0.0, 10.0, 0.0], $nearer);
        self::assertNull($job->toTheEnd());
    }

    /** The sheath is one cut on three cores: from the end of the shorter one it lies nearer by as much as that is shorter. */
    #[Test]
    public function whatAllShareLiesNearerToItsEnd(): void
    {
        $job = self::spoilt(self::JOINT);
        $sheath = static fn (int $core): float => self::edge($job, $core)->inMillimetres();
        self::assertEqualsWithDelta($sheath(1), $sheath(2), 0.001);
        self::assertTrue($job->take(self::way($job)));
        self::assertEqualsWithDelta($sheath(1) - 10, $sheath(2), 0.001);
        self::assertEqualsWithDelta($sheath(1), $sheath(3), 0.001);
        $planned = $job->plan->markOut?->mark(End::A, Cut::Oversheath)->at ?? self::fail('it is marked out');
        self::assertSame('960 mm', $planned->toText(), 'it is marked from the longest of them, as the sheet has it');
    }

    /** Where the end is sawn off through the sheath, the three of them are alike again. */
    #[Test]
    public function throughTheSheathTheyAreAlikeAgain(): void
    {
        $job = self::spoilt(self::JOINT);
        self::assertTrue($job->take(self::way($job)));
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(20)), 'too')));
        self::assertTrue($job->plan->build->hasUnequalCores(), 'less than that does not make them alike');
        self::assertNull($job->write(new CutBack(End::A, Spoilt::reading(Length::ofMillimetres(980)), 'all anew')));
        self::assertFalse($job->plan->build->hasUnequalCores());
        self::assertSame([], $job->plan->build->sawnOffAlone(End::A, 2));
    }

    #[Test]
    public function itIsRefusedWhereItCannotBe(): void
    {
        $job = self::spoilt(self::JOINT);
        $say = static fn (int $core, int $by = 9): ?string => $job->write(
            new CoreCutBack(End::A, $core, Spoilt::reading(Length::ofMillimetres($by)), 'r'),
        );
        self::assertSame('6000 mm sawn off is not of this trade: check the unit.', $say(2, 6000));
        self::assertNull($say(1));
        self::assertNull($say(2));
        self::assertSame('No other core is as it was: cut the whole end back instead.', $say(3));
        $single = Spoilt::insideOut('harrow-sock-28', Length::ofMillimetres(2));
        self::assertSame(
            'The cores of this end are not in one cable: cut the end back.',
            $single->write(new CoreCutBack(End::A, 1, Spoilt::reading(Length::ofMillimetres(9)), 'r')),
        );
    }

    /** What is offered says how much room the others need. On a termination none: the lug stands nearer. */
    #[Test]
    public function theRoomThatTheOthersNeedIsSaid(): void
    {
        self::assertStringContainsString('Over 1660 mm of bare core they bow 83 mm out of line for it, at a radius of 1700 mm', self::say(
            self::way(self::spoilt(self::JOINT))->does,
        ));
        self::assertStringContainsString(
            'Its lug stands 11 mm nearer', self::say(self::way(self::spoilt('osterwick-outdoor-3c-12'))->does),
        );
    }

    /** @return iterable<string, array{int, int}> between, and longer, in mm */
    public static function curves(): iterable
    {
        yield 'a long joint' => [1300, 9];
        yield 'a short one' => [600, 5];
        yield 'by a hair' => [2000, 1];
    }

    /** Held against the arc length of that curve, summed up in ten thousand straight pieces. */
    #[Test]
    #[DataProvider('curves')]
    public function theCurveIsAsMuchLongerAsTheCore(int $between, int $longer): void
    {
        $bow = OneCore::bow(Length::ofMillimetres($between), Length::ofMillimetres($longer));
        $at = static fn (float $x): float => $bow->inMillimetres() / 2 * (1 - cos(2 * \M_PI * $x / $between));
        [$arc, $step] = [0.0, $between / 10_000];
        for ($i = 0; $i < 10_000; ++$i) {
            $arc += hypot($step, $at(($i + 1) * $step) - $at($i * $step));
        }
        self::assertEqualsWithDelta($longer, $arc - $between, 0.015 * $longer);
        $middle = $between / 2;
        $curvature = ($at($middle - $step) - 2 * $at($middle) + $at($middle + $step)) / $step ** 2;
        self::assertEqualsWithDelta(
            -1 / $curvature, OneCore::radius(Length::ofMillimetres($between), $bow)->inMillimetres(), 0.01 / -$curvature,
        );
    }

    /** Built as far as that once. */
    private static function spoilt(string $sheet): Spoilt
    {
        $place = MarkPlace::of(End::A, Cut::InsulationScreen, 2);
        self::$built[$sheet] ??= Spoilt::at($sheet, static fn (Mark $mark): ?Length => $place->equals($mark->place)
            ? $mark->tolerance->above->plus(Length::ofMillimetres(9)) : null);

        return self::$built[$sheet]->again();
    }

    private static function edge(Spoilt $job, int $core): Length
    {
        $places = Assembled::of($job->plan->job)->measuring($job->plan->build)?->places($core);

        return $places?->cut(End::A, Cut::Oversheath)->nominal ?? self::fail('it is planned');
    }

    private static function way(Spoilt $job): Way
    {
        foreach (WaysOn::from($job->plan, $job->spoilt ?? self::fail('it is out'), [], []) as $way) {
            if (WayKind::OneCore === $way->kind) {
                return $way;
            }
        }
        self::fail('it is looked at');
    }

    private static function say(Sentence $sentence): string
    {
        return (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
