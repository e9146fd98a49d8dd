<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Rework\LookAhead;
use Berm\Core\Rework\Shift;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What comes of a cut that is made past its mark, before anybody makes it. */
final class LookAheadTest extends TestCase
{
    private const JOINT = 'quillon-ribbed-36';

    /** The gap beside the connector is 6 mm as planned and may be 11: 3.5 mm to spare at the worst, less 2. */
    #[Test]
    public function theMarginThatGoesFirstIsNamed(): void
    {
        $ahead = self::at(Length::ofMillimetres(2));
        self::assertSame(Verdict::Out, $ahead->judgement->verdict, 'the window of the cut itself is narrower');
        $gap = $ahead->shifts[0];
        self::assertSame('End A: the gap beside the connector is 8 mm; the kit asks for 0 mm to 11 mm.', self::say($gap->then->reason()));
        self::assertSame(['3.5 mm', '1.5 mm'], [$gap->planned->margin->worst->toText(), $gap->then->margin->worst->toText()]);
        self::assertStringContainsString('the gap beside the connector', self::say($ahead->first?->reason()));
        self::assertSame('4 mm', $ahead->most?->toText());
    }

    /** By brute force on the same grid: it holds as far as is said, and no farther. */
    #[Test]
    public function itHoldsAsFarAsIsSaidAndNoFarther(): void
    {
        $most = self::at(Length::ofMillimetres(1))->most ?? self::fail('it ends somewhere');
        $breaks = static fn (Length $by): bool => [] !== array_filter(
            self::at($by)->shifts, static fn (Shift $shift): bool => $shift->then->needsEngineer(),
        );
        self::assertFalse($breaks($most));
        self::assertTrue($breaks($most->plus(Length::ofMicrometres(500))));
    }

    #[Test]
    public function shortOfItsMarkIsTheOtherWay(): void
    {
        $ahead = self::at(Length::ofMillimetres(-3));
        self::assertSame(Verdict::Out, $ahead->judgement->verdict);
        self::assertTrue($ahead->most?->isNegative());
        self::assertSame(['-3 mm', '44.2 mm'], [$ahead->by->toText(), $ahead->mark->at->plus($ahead->by)->toText()]);
    }

    #[Test]
    public function howOftenTheEndCanBeCutBackIsItsSlackOverWhatAConnectorHolds(): void
    {
        $times = static fn (?string $slack): ?int => LookAhead::at(
            Spoilt::insideOut(self::JOINT, Length::ofMillimetres(1), $slack)->plan, self::place(), Length::ofMillimetres(1),
            new \DateTimeImmutable('2026-03-14T09:00:00Z'),
        )->times;
        self::assertSame([null, 0, 1, 2], [$times(null), $times('40 mm'), $times('94 mm'), $times('95 mm')], '47.2 mm each');
    }

    #[Test]
    public function whatCannotBeSaidIsRefused(): void
    {
        $plan = Plan::ofLog(Demo::corner(self::JOINT), []);
        $refusal = static fn (MarkPlace $place, int $by): string => self::say(
            LookAhead::refusal($plan, $place, Length::ofMillimetres($by)),
        );
        self::assertSame('There is no such cut on this job.', $refusal(MarkPlace::of(End::A, Cut::Armour), 1));
        self::assertStringStartsWith('Berm looks no farther than 64 mm past a mark', $refusal(self::place(), 65));
        self::assertStringStartsWith('Berm looks no farther', $refusal(self::place(), -47), 'before the cable end');
        self::assertSame('', $refusal(self::place(), 64));
    }

    private static function place(): MarkPlace
    {
        return MarkPlace::of(End::A, Cut::Insulation);
    }

    private static function at(Length $by): LookAhead
    {
        $plan = Plan::ofLog(Demo::corner(self::JOINT), []);

        return LookAhead::at($plan, self::place(), $by, new \DateTimeImmutable('2026-03-14T09:00:00Z'));
    }

    private static function say(?Sentence $sentence): string
    {
        return null === $sentence ? '' : (new Reader(LengthUnit::Millimetre))->say($sentence);
    }
}
