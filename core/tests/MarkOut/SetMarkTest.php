<?php

declare(strict_types=1);

namespace Berm\Core\Tests\MarkOut;

use Berm\Core\MarkOut\Graduation;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A mark is given as an instrument can set it; whoever keeps to what is shown keeps to the true window. */
final class SetMarkTest extends TestCase
{
    /**
     * @return iterable<string, array{LengthUnit, string, string, string, list<string>, Instrument|null}> unit, nominal, window; target and
     *                                                                                                    limits shown; instrument
     */
    public static function marks(): iterable
    {
        [$mm, $inch] = [LengthUnit::Millimetre, LengthUnit::Inch];
        yield 'whole millimetres' => [$mm, '250 mm', '247 mm', '253 mm', ['250', '247', '253'], null];
        yield 'limits rounded inwards, target inside' => [$mm, '62.15 mm', '62.15 mm', '63.15 mm', ['62.5', '62.5', '63'], null];
        yield 'half a millimetre' => [$mm, '57.3 mm', '56.2 mm', '58.4 mm', ['57.5', '56.5', '58'], null];
        yield 'too narrow for a tape' => [$mm, '20.3 mm', '20.2 mm', '20.4 mm', ['20.3', '20.2', '20.4'], Instrument::Caliper];
        yield 'one mark of a tape only' => [$mm, '20.5 mm', '20.3 mm', '20.8 mm', ['20.5', '20.3', '20.8'], Instrument::Caliper];
        yield 'nominal at the upper limit' => [$mm, '57.8 mm', '55 mm', '57.8 mm', ['57.5', '55', '57.5'], null];
        yield 'a sixteenth, its limits in thirty-seconds' => [$inch, '57 mm', '56 mm', '58 mm', ['2 1/4', '2 7/32', '2 9/32'], null];
        yield 'a window of a quarter inch' => [$inch, '2.25 in', '2.125 in', '2.375 in', ['2 1/4', '2 1/8', '2 3/8'], null];
        yield 'thirty-seconds' => [$inch, '2.22 in', '2.185 in', '2.25 in', ['2 7/32', '2 3/16', '2 1/4'], null];
        yield 'sixty-fourths take a rule' => [
            $inch, '2.2344 in', '2.225 in', '2.255 in', ['2 15/64', '2 15/64', '2 1/4'], Instrument::SteelRule,
        ];
        yield 'thousandths take a caliper' => [
            $inch, '2.235 in', '2.2345 in', '2.2395 in', ['2.235', '2.235', '2.239'], Instrument::Caliper,
        ];
    }

    /** An end that is open takes any mark: a tape settles it. */
    #[Test]
    public function aWindowThatIsOpenOnOneSideTakesATape(): void
    {
        foreach ([Range::atLeast(Length::ofMillimetres(20)), Range::atMost(Length::ofMillimetres(20))] as $open) {
            self::assertTrue(Graduation::HalfMillimetre->settles($open));
            self::assertTrue(Graduation::Sixteenth->settles($open));
        }
        $narrow = Range::between(Length::ofMicrometres(20_100), Length::ofMicrometres(20_400));
        self::assertFalse(Graduation::HalfMillimetre->settles($narrow));
    }

    /** @param list<string> $shown */
    #[Test]
    #[DataProvider('marks')]
    public function aMarkIsOneThatTheInstrumentShows(
        LengthUnit $unit, string $at, string $min, string $max, array $shown, ?Instrument $needs,
    ): void {
        $set = SetMark::of(Length::parseWithUnit($at), Range::between(Length::parseWithUnit($min), Length::parseWithUnit($max)), $unit);
        self::assertSame([$shown, $needs], [[$set->at, $set->from, $set->to], $set->needs]);
    }

    /** Every window from 0.06 mm to 12 mm wide, at places that no instrument shows. */
    #[Test]
    public function whatIsShownLiesInsideTheTrueWindowAndTheLimitsAreNeverEqual(): void
    {
        foreach (LengthUnit::cases() as $unit) {
            for ($i = 0; $i < 400; ++$i) {
                $min = Length::ofMicrometres(40_000 + 1_237 * $i);
                $window = Range::between($min, $min->plus(Length::ofMicrometres(60 + 30 * $i)));
                $at = $min->plus(Length::ofMicrometres(7 * $i % (60 + 30 * $i)));
                $set = SetMark::of($at, $window, $unit);
                [$shown, $from, $to] = array_map(
                    static fn (string $text): Length => Length::parse($text, $unit), [$set->at, $set->from, $set->to],
                );
                self::assertTrue(
                    $window->contains($shown) && $window->contains($from) && $window->contains($to),
                    "$i {$unit->value}: $set->at in $set->from to $set->to",
                );
                self::assertTrue(
                    $from->isLessThan($to) && $from->isAtMost($shown) && $shown->isAtMost($to),
                    "$i {$unit->value}: $set->at in $set->from to $set->to",
                );
            }
        }
    }
}
