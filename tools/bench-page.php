<?php

/**
 * How soon a picture stands in Chromium: from a key in a draft to its drawing, server and all; of a section drawn anew with all its texts;
 * of a step through its stages; and whether scrolling it drops frames. The largest accessory of the demo has three cores and paired tubes.
 */

declare(strict_types=1);

use App\Tests\Journey\Page;

require dirname(__DIR__).'/vendor/autoload.php';

const LARGEST = '/jobs/019aa100-0000-7000-8000-000000000025/section';

/** What a picture takes, from an act to its change; of so many the median. */
$picture = static fn (string $prepare, string $act, int $times): string => <<<JS
    (async () => {
      $prepare
      const rest = (ms) => new Promise((then) => setTimeout(then, ms));
      const svg = () => document.querySelector('svg[data-section]').innerHTML;
      const taken = [];
      for (let i = 0; i < $times; i++) {
        const before = svg();
        const begun = performance.now();
        $act
        await new Promise((then) => {
          const look = () => (svg() !== before || performance.now() - begun > 3000 ? then() : setTimeout(look, 1));
          look();
        });
        taken.push(performance.now() - begun);
        await rest(900);
      }
      taken.sort((one, other) => one - other);
      done(taken[Math.floor(taken.length / 2)].toFixed(0) + ' ms, at most ' + taken.at(-1).toFixed(0));
    })();
    JS;

$page = Page::open(1280, 800)->patiently(90);
$page->signIn('engineer')->go('/kits/drafts/osterwick-plain-12')->see('Everything covers what it must.')->pressFirst('Sizes')
    ->see('Over the insulation');
$cell = 'const cell = [...document.querySelectorAll("table input")].find((one) => one.ariaLabel.includes("reach"));'
    .'const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;';
$type = 'put.call(cell, 205 + (i % 7) + 1 + " mm"); cell.dispatchEvent(new Event("input", { bubbles: true }));';
printf("from a key to the draft's picture, with the server: median %s (limit 150)\n", $page->run($picture($cell, $type, 15)));
$page->close();

$page = Page::open(1280, 800)->patiently(90);
$page->signIn('jointer')->go(LARGEST)->see('least to spare first');
$unit = 'const units = ["in", "mm"].map((unit) => [...document.querySelectorAll("label")].find((one) => one.textContent === unit));';
printf("the largest section drawn anew, all its texts: median %s (limit 50)\n", $page->run($picture($unit, 'units[i % 2].click();', 15)));
printf("scrolled and stepped, frame by frame: %s\n", $page->run(<<<'JS'
    (async () => {
      const frame = () => new Promise(requestAnimationFrame);
      const taken = [];
      let last = await frame();
      for (let i = 0; i < 60; i++) {
        window.scrollBy(0, i < 30 ? 12 : -12);
        if (i % 6 === 0) window.dispatchEvent(new KeyboardEvent('keydown', { key: i < 30 ? 'ArrowLeft' : 'ArrowRight' }));
        const now = await frame();
        taken.push(now - last);
        last = now;
      }
      taken.sort((one, other) => one - other);
      done('median ' + taken[30].toFixed(1) + ' ms, 95 % within ' + taken[56].toFixed(1) + ' (a frame is 16.7)');
    })();
    JS));
$page->close();
