<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\AgeWithin;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Made;
use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class AgeWithinTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, bool}> as printed, the day of the check, and whether it is not older than 24 months
     */
    public static function labels(): iterable
    {
        yield 'two years to the day' => ['2024-11-26', '2026-11-26', true];
        yield 'a day older' => ['2024-11-25', '2026-11-26', false];
        yield 'a month counts from its first day' => ['2024-11', '2026-11-01', true];
        yield 'and so is older on the second' => ['2024-11', '2026-11-02', false];
        yield 'as many labels have it' => ['12/2024', '2026-12-01', true];
        yield 'and a day older' => ['12/2024', '2026-12-02', false];
        yield 'the oldest date that is one' => ['1950-01', '2026-11-26', false];
        yield 'over the turn of a year' => ['2025-01-31', '2027-01-31', true];
        yield 'made today' => ['2026-11-26', '2026-11-26', true];
        yield 'made tomorrow' => ['2026-11-27', '2026-11-26', false];
    }

    #[Test]
    #[DataProvider('labels')]
    public function itIsJudgedByTheDayOfTheCheck(string $printed, string $day, bool $isInside): void
    {
        $made = Made::parse($printed);
        self::assertNotNull($made);
        $when = new \DateTimeImmutable("$day 10:00 UTC");
        self::assertSame(
            $isInside ? Verdict::Inside : Verdict::Out,
            AgeWithin::ofMonths(24)->judge($made, new Circumstances(Values::of([]), $when, null))->verdict,
        );
    }

    #[Test]
    public function aDateThatIsStillToComeIsSaid(): void
    {
        $said = static fn (string $made): string => AgeWithin::ofMonths(24)->judge(
            Made::parse($made) ?? self::fail('it is a date'), new Circumstances(Values::of([]), new \DateTimeImmutable('2026-11-26'), null),
        )->sentence->template;
        self::assertSame(
            ['2026-11-26.', '2026-11-27, which is still to come.'], [$said('2026-11-26'), $said('2026-11-27')],
        );
    }

    #[Test]
    public function whatIsNoDateIsNone(): void
    {
        foreach (['x', '', '2026', '2026-13', '2026-02-30', '13/2026', '26-11-2026', '0026-01-01'] as $text) {
            self::assertNull(Made::parse($text), $text);
        }
    }
}
