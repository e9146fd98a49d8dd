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
        // On a machine that does much else they run longer. What stayed behind would be kept for 60 s, and being refused clears nothing.
        $until = microtime(true) + 30.0;
        do {
            self::assertLessThan($until, microtime(true), 'it is still counted');
            $status = $visitor->ask('GET', '/api/jobs')->status;
        } while (429 === $status);
        self::assertSame(200, $status);
    }

    #[Test]
    public function aHeavyHandKeepsOnlyItsShareOfTheWorkers(): void
    {
        [$heavy, $other] = [Visitor::of('jointer'), Visitor::of('engineer')];
        $table = $heavy->ask('GET', '/api/cables.csv')->body;
        [$head, $rows] = explode("\n", $table, 2);
        // As many rows as are taken at once: about two seconds of work.
        $much = $head."\n".implode("\n", \array_slice(explode("\n", str_repeat(trim($rows)."\n", 5)), 0, 4990))."\n";
        // A machine that is fast, and does nothing else, may be through before anybody asks a fourth: then once more.
        $round = 0;
        do {
            $asked = [];
            foreach (range(1, 3) as $i) {
                $asked[] = $heavy->begin('POST', '/api/cables/import?keep=nothing', $much, ['Content-Type' => 'text/csv']);
            }
            // They run for more than a moment: until then nobody can tell them from short ones.
            for ($until = microtime(true) + 0.6; microtime(true) < $until;) {
                self::assertSame(200, $other->ask('GET', '/api/jobs')->status, 'others are answered meanwhile');
            }
            $fourth = $heavy->ask('POST', '/api/cables/import?keep=nothing', $much, ['Content-Type' => 'text/csv']);
            self::assertSame(200, $other->ask('GET', '/api/jobs')->status);
            $statuses = array_map(static fn (Asked $one): int => $one->end()->status, $asked);
            self::assertSame([200, 200, 200], $statuses, 'what was begun is finished');
        } while (200 === $fourth->status && ++$round < 8);
        self::assertSame([429, '/problems/busy'], [$fourth->status, $fourth->at('type')], $fourth->body);
        self::assertSame(200, $heavy->ask('GET', '/api/jobs')->status, 'and then it is their turn again');
    }
}
