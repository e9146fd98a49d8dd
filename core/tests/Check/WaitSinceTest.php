<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Waited;
use Berm\Core\Check\WaitSince;
use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Duration;
use Berm\Core\Quantity\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A wait of ten to thirty minutes: both limits belong to it. */
final class WaitSinceTest extends TestCase
{
    /** @return iterable<string, array{int|null, bool}> */
    public static function waits(): iterable
    {
        yield 'a second too short' => [599, false];
        yield 'the least to the second' => [600, true];
        yield 'the most to the second' => [1800, true];
        yield 'a second too long' => [1801, false];
        yield 'what it is counted from is not done' => [null, false];
    }

    #[Test]
    #[DataProvider('waits')]
    public function bothLimitsBelongToIt(?int $seconds, bool $isWithin): void
    {
        $done = new \DateTimeImmutable('2026-03-14 12:00:00');
        $wait = WaitSince::between('connector', Duration::ofSeconds(600), Duration::ofSeconds(1800));
        $since = null === $seconds ? null : $done->setTimestamp($done->getTimestamp() - $seconds);
        $verdict = $wait->judge(Waited::itOut(), new Circumstances(Values::of([]), $done, $since));
        self::assertSame($isWithin ? Verdict::Inside : Verdict::Out, $verdict->verdict);
    }
}
