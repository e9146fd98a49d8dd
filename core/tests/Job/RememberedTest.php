<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Job;

use Berm\Core\Job\Plan;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Wire\PlanJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is remembered from one line of a log to the next is what would be worked out by somebody who sees the log for the first time. */
final class RememberedTest extends TestCase
{
    private const EVERY = 25;

    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        yield 'three cores, whose marks follow each other' => ['quillon-pairs-36'];
        yield 'three cores' => ['osterwick-resin-12'];
        yield 'one core' => ['harrow-sock-28'];
    }

    #[Test]
    #[DataProvider('sheets')]
    public function aLogThatGrewIsPlannedAsOneThatIsNew(string $sheet): void
    {
        [$built, $log] = Built::exactly($sheet);
        $lines = [];
        foreach ($log as $i => $entry) {
            $lines[] = $entry;
            $grown = Plan::ofLog($built->job, $lines);
            if (self::EVERY - 1 === $i % self::EVERY) {
                self::assertSame(self::said(Plan::ofLog(Demo::corner($sheet), $lines)), self::said($grown), "line $i");
            }
        }
        self::assertGreaterThan(2 * self::EVERY, \count($log));
    }

    private static function said(Plan $plan): string
    {
        return json_encode(PlanJson::of($plan), \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT);
    }
}
