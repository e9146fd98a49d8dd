<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Possible;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\Fixing;
use Berm\Core\Connector\Specification;
use Berm\Core\Formula\Formula;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Section\RuleWindow;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\RulingPlace;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Relations of the trade that are numbers. All of them are common practice. */
final class TradeRelationsTest extends TestCase
{
    private const MARKS = [
        'oversheath' => 820, 'armour' => 710, 'bedding' => 700, 'metallic-screen' => 265, 'insulation-screen' => 185, 'insulation' => 85,
    ];

    /** Marks of 820, 710, 700, 265, 185 and 85: 100 mm of bare insulation, and 370 mm between the screen edges where conductors butt. */
    #[Test]
    public function marksFromOneDatumLeaveWhatLiesBetweenThem(): void
    {
        $apart = self::between('quillon-core-17', array_diff_key(self::MARKS, ['armour' => 0, 'bedding' => 0]), CentreStop::None);
        self::assertSame(['100 mm', '370 mm', '635 mm'], $apart);
    }

    /** A stop of 4 mm keeps the conductors, and so the screens, that much further apart. */
    #[Test]
    public function aStopBetweenTheConductorsIsAdded(): void
    {
        self::assertSame(['100 mm', '374 mm', '635 mm'], self::between('quillon-armour-12', self::MARKS, CentreStop::Solid));
    }

    /**
     * @param array<string, int> $marks in mm
     *
     * @return list<string|null> of insulation left bare, between the screens, and from sheath to screen edge
     */
    private static function between(string $sheet, array $marks, CentreStop $stop): array
    {
        $cuts = array_map(static fn (string $cut, int $at): array => [
            'cut' => $cut, 'tool' => 'Knife', 'cases' => [
                ['distance' => "$at mm", 'tolerance' => ['below' => '1 mm', 'above' => '1 mm'], 'reason' => 'x'],
            ],
        ], array_keys($marks), $marks);
        $rule = ['rule' => 'distance', 'reason' => 'x'];
        $plan = self::plan($sheet, $stop, ['cuts' => $cuts, 'placeRules' => [
            [...$rule, 'key' => 'bare', 'from' => 'cut_insulation', 'to' => 'cut_insulation_screen'],
            [...$rule, 'key' => 'screens', 'from' => 'cut_insulation_screen', 'to' => 'cut_insulation_screen', 'side' => 'across'],
            [...$rule, 'key' => 'sheath', 'from' => 'cut_insulation_screen', 'to' => 'cut_oversheath'],
        ]]);
        $values = [];
        foreach ($plan->rulings as $ruling) {
            $values[$ruling->place->item] = $ruling->value->toText();
        }

        return [$values['bare'] ?? null, $values['screens'] ?? null, $values['sheath'] ?? null];
    }

    /**
     * A body of 16 in from a marker 1 1/2 in off the screen edge, whose far end laps the other screen by at least 1/4 in and by at most
     * 1 in: from screen edge to screen edge 13 1/2 to 14 1/4 in.
     */
    #[Test]
    public function theWindowBetweenTheScreensFollowsFromTheLapsOfTheBody(): void
    {
        $apart = self::inches(14, 'screens');
        $lap = self::exact(16)->minus(self::exact(1.5))->minus($apart);
        $window = RuleWindow::of($apart, [self::ruling(RuleKind::Laps, $lap, 0.25, 1.0)]);
        self::assertSame(['13 1/2 in', '14 1/4 in'], [self::said($window?->min), self::said($window?->max)]);
    }

    /** With its insert at most 1/4 in off the middle of the connector too, only 13 1/2 in is left: 8 in, less 1 1/2, less half of it. */
    #[Test]
    public function anInsertThatMustCoverTheConnectorNarrowsIt(): void
    {
        $apart = self::inches(14, 'screens');
        $lap = self::exact(16)->minus(self::exact(1.5))->minus($apart);
        $off = self::exact(6.5)->minus($apart->times(0.5));
        $window = RuleWindow::of($apart, [
            self::ruling(RuleKind::Laps, $lap, 0.25, 1.0), self::ruling(RuleKind::CentredOn, $off, null, 0.25),
        ]);
        self::assertSame(['13 1/2 in', '13 1/2 in'], [self::said($window?->min), self::said($window?->max)]);
        $alone = RuleWindow::of($apart, [self::ruling(RuleKind::CentredOn, $off, null, 0.25)]);
        self::assertSame(['12 1/2 in', '13 1/2 in'], [self::said($alone?->min), self::said($alone?->max)]);
    }

    /** A lap on a short connector is the lesser of two stretches that go opposite ways with the length: both must be enough. */
    #[Test]
    public function eachOfTheStretchesThatALapMayBeNarrowsTheWindow(): void
    {
        $apart = self::inches(14, 'screens');
        $lap = Locus::smallest(self::exact(16)->minus(self::exact(1.5))->minus($apart), $apart->minus(self::exact(13.4375)));
        $window = RuleWindow::of($apart, [self::ruling(RuleKind::Laps, $lap, 0.25, 1.0)]);
        self::assertSame(['13 11/16 in', '14 1/4 in'], [self::said($window?->min), self::said($window?->max)]);
    }

    /** What else moves the rule is taken off the window; what it shares with the length is not. */
    #[Test]
    public function theWindowHoldsWhateverElseHappens(): void
    {
        $apart = self::inches(14, 'screens');
        $hand = Locus::moved(Length::ofNanometres(0), self::cause(CauseKind::Placing, 'body', 0.125));
        $lap = self::exact(16)->minus(self::exact(1.5))->minus($apart)->plus($hand);
        $window = RuleWindow::of($apart, [self::ruling(RuleKind::Laps, $lap, 0.25, 1.0)]);
        self::assertSame(['13 5/8 in', '14 1/8 in'], [self::said($window?->min), self::said($window?->max)]);
        self::assertNull(RuleWindow::of(self::inches(3, 'something else'), [self::ruling(RuleKind::Laps, $lap, 0.25, 1.0)]));
    }

    /** Two laps of one body: once the near one is read, the far one can be no other than the body's length leaves. */
    #[Test]
    public function whatTwoReadingsLeaveOfEachOther(): void
    {
        $length = Locus::moved(Length::ofSixtyFourths(16 * 64), self::cause(CauseKind::Length, 'body', 0.125));
        $near = Locus::moved(Length::ofSixtyFourths(96), self::cause(CauseKind::Reading, 'near lap', 0.02));
        $free = Locus::moved(Length::ofSixtyFourths(96), self::cause(CauseKind::Placing, 'body', 0.25));
        $read = static fn (string $typed): Reading => Reading::typed($typed, LengthUnit::Inch, Instrument::SteelRule);
        $far = $length->minus($near)->minus(self::exact(14));
        $possible = new Possible($far, $far, null);
        self::assertNull($possible->contradiction($read('1/2')));
        self::assertNull($possible->contradiction($read('5/8')), 'the body is 16 1/8 in long at most');
        self::assertNotNull($possible->contradiction($read('3/4')));
        self::assertNotNull($possible->contradiction($read('1/4')));
        $unread = $length->minus($free)->minus(self::exact(14));
        self::assertNull((new Possible($unread, $unread, null))->contradiction($read('2')), 'nobody has read where it begins');
    }

    /** The same with no stop: as long as its two bores. */
    private static function without(Connector $with): Connector
    {
        $of = $with->specification;

        return Connector::of(
            $with->revision, 'x', 'x', $with->kind, $with->fixing, $with->barrels, $with->diameter, $with->barrels->depths(), null, 'x',
            new Specification($of->shapes, $of->class, CentreStop::None, false, $of->bolts, null, $of->seating),
        );
    }

    private static function exact(float $inches): Locus
    {
        return Locus::exact(Length::ofSixtyFourths((int) ($inches * 64)));
    }

    private static function inches(float $inches, string $thing): Locus
    {
        return Locus::moved(Length::ofSixtyFourths((int) ($inches * 64)), self::cause(CauseKind::Cut, $thing, 0.125));
    }

    private static function cause(CauseKind $kind, string $thing, float $inches): Cause
    {
        return Cause::around($kind, $thing, $thing, Where::of(null, null), Length::nearestToMillimetres($inches * 25.4));
    }

    private static function ruling(RuleKind $kind, Locus $value, ?float $min, float $max): Ruling
    {
        $length = static fn (float $inches): Length => Length::nearestToMillimetres($inches * 25.4);
        $least = null === $min ? null : Formula::ofLength($length($min));
        $rule = PlaceRule::ofItem('body', $kind, null, $least, Formula::ofLength($length($max)), '');
        $window = null === $min ? Range::between(Length::ofNanometres(0), $length($max)) : Range::between($length($min), $length($max));

        return new Ruling(
            RulingPlace::of('body', $kind, null, Where::of(null, null)), $rule, 'body', '', $value->nominal, $window,
            $value->below($length($max)), $value,
        );
    }

    private static function said(?Length $length): string
    {
        $sixtyFourths = (int) round(($length->nanometres ?? 0) / 396_875);
        [$whole, $rest] = [intdiv($sixtyFourths, 64), $sixtyFourths % 64];
        $by = 64;
        while (0 !== $rest && 0 === $rest % 2) {
            [$rest, $by] = [intdiv($rest, 2), intdiv($by, 2)];
        }

        return 0 === $rest ? "$whole in" : "$whole $rest/$by in";
    }

    /** @param array<string, mixed> $changes */
    private static function plan(string $sheet, CentreStop $stop, array $changes): Plan
    {
        $job = Demo::corner($sheet, $changes, Fixing::ShearBolt);
        $connector = CentreStop::None === $stop ? $job->connector : null;

        return Plan::of(
            null === $connector ? $job : $job->withConnector(self::without($connector)), BuildState::nothingDone(),
        );
    }
}
