<?php

/**
 * The engine in the hand, in Chromium, with the line to the server cut: how large what is fetched is, how soon it answers after the page is
 * opened again, and how long an entry takes to its verdict.   usage: BERM_URL=… BERM_PASSWORD=… php tools/bench-hand.php
 */

declare(strict_types=1);

use App\Tests\Journey\Browser;
use App\Tests\Journey\Line;
use App\Tests\Journey\Page;
use App\Tests\Journey\Visitor;
use Symfony\Component\Uid\Uuid;

require dirname(__DIR__).'/vendor/autoload.php';

const CORES = '019aa100-0000-7000-8000-000000000007';

/** From the touch until the verdict is on the page: the number of entries that were judged here has grown. */
const ENTRY = <<<'JS'
    const judged = () => Number(/Judged on this device: (\d+|an)/.exec(document.body.innerText)?.[1].replace('an', '1') ?? 0)
    const before = judged(), input = document.querySelector('input[inputmode=decimal]'), start = performance.now()
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, VALUE)
    input.dispatchEvent(new Event('input', { bubbles: true }))
    input.form.requestSubmit()
    const look = () => (judged() > before ? done(String(performance.now() - start)) : requestAnimationFrame(look))
    look()
    JS;

/** From there until the ways on from it are there. */
const WAYS = <<<'JS'
    const start = performance.now()
    const isThere = () => document.querySelector('a[href*="/build/ways"]') && !document.body.innerText.includes('Working out what can still')
    const look = () => (isThere() ? done(String(performance.now() - start)) : requestAnimationFrame(look))
    look()
    JS;

/** @param list<float> $times */
function percentile(array $times, int $percent): float
{
    sort($times);

    return $times[min(count($times) - 1, (int) ceil(count($times) * $percent / 100) - 1)];
}

$files = static fn (string $glob): array => glob(dirname(__DIR__)."/public/build/assets/$glob") ?: [];
$kB = static fn (string $glob): float => array_sum(array_map(filesize(...), $files($glob))) / 1000;
// One of two builds is fetched.
$php = ($kB('php_8_2-*.wasm.gz') + $kB('php_8_2-*.js.gz')) / 2;
printf("fetched once, gzipped: PHP %.0f kB, the rules %.0f kB\n", $php, $kB('archive-*.json.gz'));

$measure = static function (string $what): void {
    $line = Line::toTheServer();
    $page = Page::over($line, Browser::profile())->patiently(60);
    try {
        $start = hrtime(true);
        $page->signIn('jointer')->go('/jobs/'.CORES.'/safety')->press('Take it along')->see('On this device, as of');
        printf("%s: taken along %.1f s after signing in began\n", $what, (hrtime(true) - $start) / 1e9);
        $line->cut();
        $start = hrtime(true);
        $page->go('/jobs/'.CORES.'/build')->see('From the insulation end to the stress tube');
        printf("%s: the page opened without signal and answered by the engine, %.0f ms (aim 2000)\n", $what, (hrtime(true) - $start) / 1e6);
        $times = $ways = [];
        for ($i = 0; $i < 30; ++$i) {
            // Out, so that the same is asked again.
            $times[] = (float) $page->run(str_replace('VALUE', "'".(20 + $i)."'", ENTRY));
            $ways[] = (float) $page->run(WAYS);
        }
        [$half, $most] = [percentile($times, 50), percentile($times, 95)];
        printf("%s: from an entry to its verdict median %.0f ms, 95 %% within %.0f ms (aim 300)\n", $what, $half, $most);
        printf("%s: every way on from it, median %.0f ms, the longest %.0f ms (limit 10000)\n", $what, percentile($ways, 50), max($ways));
    } finally {
        $page->close();
        $line->cut();
    }
};
$measure('three cores, half built');
$visitor = Visitor::of('jointer');
for ($i = 0; $i < 450; ++$i) {
    $note = ['kind' => 'noted', 'note' => "Note $i"];
    $visitor->ask('POST', '/api/jobs/'.CORES.'/log', ['id' => Uuid::v7()->toRfc4122(), 'event' => $note]);
}
$measure('the same with 500 entries');
