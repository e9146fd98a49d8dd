<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Duration;
use Berm\Core\Quantity\UnreadableDuration;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class DurationTest extends TestCase
{
    /** @return iterable<string, array{string, int, string}> as written, in seconds, as written again */
    public static function times(): iterable
    {
        yield 'seconds' => ['30 s', 30, '30 s'];
        yield 'more than a minute of seconds' => ['90 s', 90, '90 s'];
        yield 'minutes' => ['5 min', 300, '5 min'];
        yield 'minutes as seconds' => ['120 s', 120, '2 min'];
        yield 'hours' => ['2 h', 7200, '2 h'];
        yield 'hours as minutes' => ['60 min', 3600, '1 h'];
        yield 'an hour and a half' => ['90 min', 5400, '90 min'];
    }

    #[Test]
    #[DataProvider('times')]
    public function aTimeIsReadAndWritten(string $text, int $seconds, string $again): void
    {
        $duration = Duration::parse($text);
        self::assertSame([$seconds, $again], [$duration->seconds, $duration->toText()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function said(): iterable
    {
        yield 'short' => ['45 s', '45 s'];
        yield 'less than two minutes' => ['119 s', '119 s'];
        yield 'two minutes' => ['120 s', '2 min'];
        yield 'and a half' => ['150 s', '2.5 min'];
        yield 'an hour' => ['1 h', '60 min'];
    }

    #[Test]
    #[DataProvider('said')]
    public function aTimeIsSaidAsPeopleSayIt(string $text, string $said): void
    {
        self::assertSame($said, Duration::parse($text)->inWords());
    }

    #[Test]
    public function whatIsNoTimeIsQuotedWithWhatIs(): void
    {
        foreach (['', 'soon', '5', '-5 min', '5 days'] as $text) {
            try {
                Duration::parse($text);
                self::fail("\"$text\" is read");
            } catch (UnreadableDuration $refused) {
                self::assertSame("\"$text\" is not a time: write \"30 s\", \"5 min\" or \"2 h\".", $refused->getMessage());
            }
        }
    }
}
