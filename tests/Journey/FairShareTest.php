<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** One account that asks for much at once waits by itself; others do not wait for it. */
final class FairShareTest extends TestCase
{
    /** A browser hangs up on a search when somebody types on: nothing of that stays behind. */
    #[Test]
    public function whatWasHungUpOnIsNotCounted(): void
    {
        $visitor = Visitor::of('checker');
        foreach (range(1, 4) as $i) {
            $visitor->begin('GET', '/api/cables.xml')->hangUp();
        }
        // They run on for a second or two. Meanwhile only the web server is asked, so that no worker takes up its place anew.
        for ($until = microtime(true) + 4.0; microtime(true) < $until;) {
            self::assertSame(404, $visitor->ask('GET', '/build/none')->status);
        }
        self::assertSame(200, $visitor->ask('GET', '/api/jobs')->status);
    }

    #[Test]
    public function aHeavyHandKeepsOnlyItsShareOfTheWorkers(): void
    {
        [$heavy, $other] = [Visitor::of('jointer'), Visitor::of('engineer')];
        $table = $heavy->ask('GET', '/api/cables.csv')->body;
        [$head, $rows] = explode("\n", $table, 2);
        // As many rows as are taken at once: about two seconds of work.
        $much = $head."\n".implode("\n", \array_slice(explode("\n", str_repeat(trim($rows)."\n", 5)), 0, 4990))."\n";
        $asked = [];
        foreach (range(1, 3) as $i) {
            $asked[] = $heavy->begin('POST', '/api/cables/import?keep=nothing', $much, ['Content-Type' => 'text/csv']);
        }
        // They run for more than a moment: until then nobody can tell them from short ones.
        for ($until = microtime(true) + 1.0; microtime(true) < $until;) {
            self::assertSame(200, $other->ask('GET', '/api/jobs')->status, 'others are answered meanwhile');
        }
        $fourth = $heavy->ask('POST', '/api/cables/import?keep=nothing', $much, ['Content-Type' => 'text/csv']);
        self::assertSame([429, '/problems/busy'], [$fourth->status, $fourth->at('type')], $fourth->body);
        self::assertSame(200, $other->ask('GET', '/api/jobs')->status);
        $statuses = array_map(static fn (Asked $one): int => $one->end()->status, $asked);
        self::assertSame([200, 200, 200], $statuses, 'what was begun is finished');
        self::assertSame(200, $heavy->ask('GET', '/api/jobs')->status, 'and then it is their turn again');
    }
}
