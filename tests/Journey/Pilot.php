<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Assert;

/**
 * Somebody who does what the build asks for, whatever it is, until it asks for nothing more: each reading in the middle of its window,
 * each look so, each wait waited.
 */
final readonly class Pilot
{
    private function __construct(private Page $page)
    {
    }

    public static function at(Page $page): self
    {
        return new self($page);
    }

    /** From now on the clock of this browser goes on by what the pilot waits, on every page that it opens. */
    public static function takeTheClock(Page $page): Page
    {
        return $page->onEveryPage(self::script('clock'));
    }

    /**
     * @param int|null $most deeds; null: until all is done
     *
     * @return list<string> what was done
     */
    public function goOn(?int $most = null): array
    {
        $did = [];
        $this->page->waitFor(
            'the build', 'return document.querySelector(\'[data-cut-screen], section[aria-label="Now"]\') !== null',
        );
        while (\count($did) < ($most ?? 600)) {
            if (str_contains($this->text(), 'The record is ready.')) {
                return $did;
            }
            $before = $this->state();
            $deed = $this->deed($did);
            $did[] = $deed;
            $this->settle($deed, $before);
        }
        null === $most && Assert::fail("No end after\n".implode("\n", \array_slice($did, -30)));

        return $did;
    }

    /**
     * What is asked may change in the moment in which it is read: then it is read again.
     *
     * @param list<string> $did
     */
    private function deed(array $did): string
    {
        $deed = '';
        for ($times = 0; $times < 20; ++$times) {
            $deed = $this->page->run(self::script('pilot'));
            if (!str_starts_with($deed, '?')) {
                return $deed;
            }
            $this->page->run('setTimeout(() => done(""), 100)');
        }
        Assert::fail("After\n".implode("\n", \array_slice($did, -12))."\nthe build asks what nobody can answer: $deed\n".$this->state());
    }

    /** Waits until what was done is written down and judged. */
    private function settle(string $deed, string $before): void
    {
        $wrote = str_starts_with($deed, 'typed') || str_starts_with($deed, 'pressed') && !str_starts_with($deed, 'pressed On to');
        for ($times = 0; $times < 200; ++$times) {
            $now = $this->state();
            [$waiting, $judged] = self::counts($now);
            if ($wrote ? $waiting === $judged && $waiting > self::counts($before)[0] : $now !== $before) {
                return;
            }
            $this->page->run('setTimeout(() => done(""), 40)');
        }
        Assert::fail("Nothing came of: $deed\non $before");
    }

    /** @return array{int, int} how many entries wait, and how many of them were judged here */
    private static function counts(string $page): array
    {
        $count = static fn (string $words): int => 1 === preg_match($words, $page, $found) ? ('an' === $found[1] ? 1 : (int) $found[1]) : 0;

        return [$count('/, (an|\d+) entr(?:y|ies) waits?/'), $count('/Judged on this device: (an|\d+) entr/')];
    }

    private function state(): string
    {
        return $this->page->run('done(document.querySelector("#root")?.innerText ?? "")');
    }

    private function text(): string
    {
        return $this->page->run('done(document.querySelector("main")?.innerText ?? "")');
    }

    private static function script(string $name): string
    {
        return (string) file_get_contents(__DIR__."/line/$name.js");
    }
}
