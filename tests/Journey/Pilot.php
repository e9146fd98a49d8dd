<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Assert;

/**
 * Somebody who does what the build asks for, whatever it is, until it asks for nothing more: each reading in the middle of its window, each look
 * so, each wait waited.
 */
final readonly class Pilot
{
    /** What the page asks now is read off it, as a person reads it. */
    private const DOES = <<<'JS'
        const shown = (one) => one.offsetParent !== null
        const all = (selector, root = document) => [...root.querySelectorAll(selector)].filter(shown)
        const text = (one) => one.textContent.replace(/\s+/g, ' ').trim()
        const now = all('[data-cut-screen]')[0] ?? all('section[aria-label="Now"]')[0]
        if (!now) return done('?nothing asked: ' + text(document.body).slice(0, 300))
        const alert = all('[role=alert]', now)[0]
        if (alert) return done('?refused: ' + text(alert))
        const type = (input, value) => {
          Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, value)
          input.dispatchEvent(new Event('input', { bubbles: true }))
          setTimeout(() => { input.form.requestSubmit(); done('typed ' + value + ': ' + text(now).slice(0, 90)) }, 0)
        }
        const button = (words) => all('button:not([disabled])', now).find((one) => words.test(text(one)))
        const press = (one) => { one.click(); done('pressed ' + text(one) + ': ' + text(now).slice(0, 90)) }
        if (now.matches('[data-cut-screen]')) {
          const input = all('input[inputmode=decimal]', now)[0]
          const at = /text-target/.test(now.innerHTML) ? all('.text-target', now)[0] : null
          if (input && at) return type(input, text(at))
          const on = button(/^On to what is next$/)
          return on ? press(on) : done('?no way on: ' + text(now).slice(0, 300))
        }
        const numbers = (words) => [...words.matchAll(/(\d+(?:\.\d+)?)/g)].map(([one]) => Number(one))
        const reading = (limits) => {
          const [low = 0, high = null] = numbers(limits)
          if (/^at least/.test(limits)) return low * 1.02
          if (/^(at most|up to|less)/.test(limits)) return low * 0.6
          return high === null ? low : (low + high) / 2
        }
        // What the other readings leave of it, where that is less than the sheet does.
        const left = /leave ([\d.]+) mm to ([\d.]+) mm/.exec(text(now))
        if (left) return type(all('input[inputmode=decimal]', now)[0], String((Number(left[1]) + Number(left[2])) / 2))
        const limits = all('p.text-entry:not([role=timer])', now)[0]
        const field = all('form input', now).find((one) => ['text', 'decimal', ''].includes(one.inputMode) && one.type === 'text')
        if (field && /^Phase/.test(text(field.closest('label') ?? field.parentElement))) {
          all('input[type=radio]', now)[0].click()
          return type(field, 'L' + (/core (\d)/.exec(text(now))?.[1] ?? '1'))
        }
        if (field && /^Torque/.test(text(field.closest('label') ?? field.parentElement)))
          return type(field, limits ? reading(text(limits)) + ' N·m' : '40 N·m')
        if (field && /^Date/.test(text(field.closest('label') ?? field.parentElement))) return type(field, window.theDate)
        if (field && /^As printed/.test(text(field.closest('label') ?? field.parentElement))) return type(field, 'W-4471')
        if (field && /^How many/.test(text(field.closest('label') ?? field.parentElement)))
          return type(field, String(limits ? Math.round(reading(text(limits))) : 2))
        if (field && limits && !/^Batch/.test(text(field.closest('label') ?? field.parentElement))) return type(field, String(Math.round(reading(text(limits)) * 10) / 10))
        if (all('[role=timer]', now)[0] && !button(/^(The time is over|It goes on now)$/)) { window.later(3600); return done('waited') }
        const ways = [/^All \d+ are on$/, /so$/, /^(The time is over|It goes on now)$/, /^Go on: it is done$/, /^It is done$/, /^All \d+ are done$/, /^Yes$/, /is on$/, /^Done/]
        for (const way of ways) { const one = button(way); if (one) return press(one) }
        const tick = all('input[type=checkbox]:not([disabled]):not(:checked)', now).find((one) => !/undone/.test(text(one.closest('label'))))
        if (tick) { tick.click(); return done('ticked ' + text(tick.closest('label'))) }
        return done('?' + text(now).slice(0, 400))
        JS;

    /** The page's clock goes on by what is waited. */
    private const CLOCK = <<<'JS'
        window.theDate = new Date(Date.now() - 60 * 86400e3).toISOString().slice(0, 10)
        if (!window.later) {
          const now = Date.now.bind(Date), Real = Date
          let ahead = Number(localStorage.getItem('test.ahead') ?? 0)
          window.later = (seconds) => { ahead += 1000 * seconds; localStorage.setItem('test.ahead', ahead) }
          window.Date = class extends Real { constructor(...given) { given.length ? super(...given) : super(now() + ahead) } static now() { return now() + ahead } }
        }
        JS;

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
        return $page->onEveryPage(self::CLOCK);
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
            $deed = $this->page->run(self::DOES);
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
}
