<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Card;

use Berm\Core\Build\Event\CoreCutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\End;
use Berm\Core\Card\Abreast;
use Berm\Core\Card\Card;
use Berm\Core\Card\CardMark;
use Berm\Core\Card\CardPart;
use Berm\Core\Card\CardStep;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Datum;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Rework\Spoilt;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What stands on the card of an end. */
final class CardTest extends TestCase
{
    private const THREE = 'marlpike-sets-24';

    #[Test]
    public function itsMarksAreInTheOrderOfCuttingAndThoseOfAlikeCoresStandOnce(): void
    {
        $marks = Card::of(self::plan(self::THREE), End::A)->marks();
        self::assertSame(
            [
                '1 oversheath ', '2 armour ', '3 bedding ', '4 metallic-screen 1, 2, 3', '5 insulation-screen 1, 2, 3',
                '6 insulation 1, 2, 3',
            ],
            array_map(static fn (CardMark $one): string => "{$one->mark->order} {$one->mark->place->cut->value} $one->cores", $marks),
        );
    }

    /** The same cuts with the same tools, however far from the end; a paper side against a plastic one is two tables. */
    #[Test]
    public function endsThatAreCutAlikeStandSideBySide(): void
    {
        $pairs = static function (string $sheet): ?array {
            $plan = self::plan($sheet);
            $abreast = Abreast::of(Card::of($plan, End::A), Card::of($plan, End::B));

            return null === $abreast ? null : array_map(static fn (array $row): array => array_map(
                static fn (CardMark $mark): string => "{$mark->mark->place->inWords()}: {$mark->seen->at->toText()}", $row,
            ), $abreast->rows);
        };
        $rows = $pairs(self::THREE) ?? self::fail('they are cut alike');
        self::assertCount(6, $rows);
        self::assertSame(['the cut of the [oversheath] of end A: 960 mm', 'the cut of the [oversheath] of end B: 700 mm'], $rows[0]);
        self::assertNull($pairs('quillon-paper-17'));
    }

    /** A core that was cut back has its marks by itself: the other end has as many of them, or a table of its own. */
    #[Test]
    public function aShorterCoreIsNotSetBesideOneThatIsNot(): void
    {
        $job = Spoilt::insideOut(self::THREE, Length::ofMillimetres(6));
        self::assertNull($job->write(new CoreCutBack(End::A, 1, Spoilt::reading(Length::ofMillimetres(12)), 'cut too far')));
        self::assertNull(Abreast::of(Card::of($job->plan, End::A), Card::of($job->plan, End::B)));
    }

    /** From the joint's centre every mark is as much farther as the connector keeps the end away; from the oversheath, what it leaves. */
    #[Test]
    public function aMarkIsSeenFromTheDatumThatWasAskedFor(): void
    {
        $plan = self::plan(self::THREE);
        $at = static fn (Datum $datum): array => array_map(
            static fn (CardMark $one): int => $one->seen->at->nanometres, Card::of($plan, End::A, $datum)->marks(),
        );
        $end = $at(Datum::CableEnd);
        $more = array_map(static fn (int $from, int $to): int => $to - $from, $end, $at(Datum::JointCentre));
        self::assertCount(1, array_unique($more));
        self::assertGreaterThan(0, $more[0]);
        self::assertSame(array_map(static fn (int $one): int => $end[0] - $one, $end), $at(Datum::OversheathCut));
        self::assertSame(Datum::CableEnd, Card::of($plan, End::A, Datum::LugHole)->from, 'a joint has no lug');
    }

    /** A core that was cut back alone has marks of its own, and the sheath lies nearer to its end. */
    #[Test]
    public function aCoreThatIsShorterIsMarkedByItself(): void
    {
        $job = Spoilt::at(self::THREE, static fn ($mark): ?Length => Cut::InsulationScreen === $mark->place->cut
            && End::B === $mark->place->end ? Length::ofMillimetres(9) : null);
        self::assertNull($job->write(new CoreCutBack(End::A, 2, Spoilt::reading(Length::ofMillimetres(8)), 'room')));
        $marks = Card::of($job->plan, End::A, Datum::OversheathCut)->marks();
        $screens = array_values(array_filter(
            $marks, static fn (CardMark $one): bool => Cut::InsulationScreen === $one->mark->place->cut,
        ));
        self::assertSame(['1, 3', '2'], array_map(static fn (CardMark $one): string => $one->cores, $screens));
        self::assertEqualsWithDelta(
            8.0, $screens[0]->seen->at->minus($screens[1]->seen->at)->inMillimetres(), 0.001, 'nearer to the sheath by as much',
        );
        $read = $job->plan->build->cut(MarkPlace::of(End::A, Cut::InsulationScreen, 2))?->event;
        self::assertInstanceOf(CutMeasured::class, $read);
    }

    #[Test]
    public function whatIsSlidOnAndSetAndLookedAtStandsThere(): void
    {
        $card = Card::of(self::plan(self::THREE), End::A);
        self::assertSame(
            [['First outer sleeve'], ['Dual-wall tube', 'Stress tube']],
            array_map(static fn ($side): array => array_map(static fn (Item $item): string => $item->name, $side->items), $card->parked()),
        );
        $parts = array_map(static fn (CardPart $one): string => $one->name, $card->parts());
        self::assertSame('Stress mastic over the screen edge', $parts[0]);
        self::assertSame('Second outer sleeve', $parts[\count($parts) - 1]);
        $mastic = implode(' ', array_map(self::say(...), $card->parts()[0]->lies));
        self::assertStringContainsString('1 turn: about 15 mm of it', $mastic);
        $steps = array_combine(
            array_map(static fn (CardStep $one): string => self::say($one->title), $card->oneWay()),
            array_map(static fn (CardStep $one): array => array_map(self::say(...), $one->before), $card->oneWay()),
        );
        self::assertContains('Gap from connector to insulation: 0 mm to 10 mm', $steps['Connectors'] ?? []);
        self::assertContains('Every bolt hole and inspection hole full, flush; gap to the insulation flush', $steps['Stress tubes'] ?? []);
        self::assertStringContainsString('0.5 mm left at the worst', self::say($card->thinnest()?->withWorst()));
    }

    /** What kills is said, whatever a sheet says; where it says so itself, once. */
    #[Test]
    public function whatKillsIsAlwaysSaid(): void
    {
        foreach (Demo::second() as $sheet) {
            $live = array_filter(
                Card::of(self::plan($sheet), End::A)->cautions(), static fn (string $one): bool => str_starts_with($one, 'Live'),
            );
            self::assertCount(1, $live, $sheet);
        }
    }

    #[Test]
    public function nobodyCutsByAPlanThatSomethingStandsInTheWayOf(): void
    {
        $plan = self::plan(self::THREE);
        self::assertSame(
            'Nobody has confirmed, from the local permit, that it is safe to start.', self::say(Card::of($plan, End::A)->stop()),
        );
        $job = Spoilt::at(self::THREE, static fn ($mark): ?Length => Cut::Oversheath === $mark->place->cut
            ? Length::ofMillimetres(9) : null);
        self::assertStringContainsString('oversheath', self::say(Card::of($job->plan, End::A)->stop()), 'a cut that is out');
    }

    private static function plan(string $sheet): Plan
    {
        return Plan::ofLog(Demo::corner($sheet), []);
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
