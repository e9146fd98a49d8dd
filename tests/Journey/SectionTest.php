<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The section as people see it: every name readable at every width, in both unit worlds, for every kind of accessory. */
final class SectionTest extends TestCase
{
    /** The last two figures of the demo's jobs: one for each of the eighteen kinds of accessory. */
    private const JOBS = ['11', '12', '13', '14', '15', '16', '17', '18', '19', '20', '21', '22', '23', '24', '25', '26', '27', '28'];

    /** Heat and cold, joint, termination and elbow, one core and three; the rest by ./berm builds. */
    private const SOME = ['11', '13', '15', '18'];

    /**
     * What is wrong with the texts of the drawing: those that meet each other, a leader that is not their own, or the drawing's edge.
     * Half a pixel of antialiasing is let pass.
     */
    private const WRONG = <<<'JS'
        const svg = document.querySelector('svg[data-section]');
        const room = svg.getBoundingClientRect();
        const boxes = [...svg.querySelectorAll('text[data-label]')].map((text) => {
            return { text: text.textContent, box: text.getBoundingClientRect() };
        });
        const lines = [...svg.querySelectorAll('path[data-leader]')].map((line) => line.getBoundingClientRect());
        const wrong = [];
        boxes.forEach(({ text, box }, i) => {
            const beside = box.left < room.left - 0.5 || box.right > room.right + 0.5;
            if (beside || box.top < room.top - 0.5 || box.bottom > room.bottom + 0.5) wrong.push(text + ' is cut off');
            for (const other of boxes.slice(i + 1)) {
                const across = box.left < other.box.right - 0.5 && other.box.left < box.right - 0.5;
                const along = box.top < other.box.bottom - 2.5 && other.box.top < box.bottom - 2.5;
                if (across && along) wrong.push(text + ' meets ' + other.text);
            }
            for (const line of lines) {
                const across = line.left > box.left + 0.5 && line.left < box.right - 0.5;
                if (across && line.top < box.bottom - 4 && line.bottom > box.top + 4) wrong.push(text + ' is crossed by a leader');
            }
        });
        done(JSON.stringify({ wrong, texts: boxes.length }));
        JS;

    #[Test]
    public function noNameMeetsAnotherOrALeaderOrTheEdge(): void
    {
        $page = Page::open()->signIn('jointer');
        foreach ('all' === getenv('BERM_BUILDS') ? self::JOBS : self::SOME as $job) {
            $page->go("/jobs/019aa100-0000-7000-8000-0000000000$job/section")->see('least to spare first');
            foreach ([390, 768, 1280, 2560] as $width) {
                $page->resize($width, 900);
                foreach (['in', 'mm'] as $unit) {
                    $page->press($unit)->see("least to spare first, $unit");
                    $page->waitFor(
                        "the drawing at $width",
                        'return Math.abs(document.querySelector("svg[data-section]").getBoundingClientRect().width - '.$width.') < 24',
                    );
                    $found = json_decode($page->run(self::WRONG), true, 8, \JSON_THROW_ON_ERROR);
                    self::assertIsArray($found);
                    self::assertSame([], $found['wrong'], "job $job at $width px in $unit");
                    self::assertGreaterThanOrEqual(6, $found['texts'], "job $job at $width px in $unit");
                }
            }
        }
        $page->close();
    }

    #[Test]
    public function theStateAfterEachStageIsATouchAway(): void
    {
        $page = Page::open()->signIn('jointer')->go('/jobs/019aa100-0000-7000-8000-000000000011/section')->see('as finished');
        $bodies = 'done(String(document.querySelectorAll("svg[data-section] [data-bodies] path").length))';
        $finished = $page->run($bodies);
        $page->pressFirst('6')->see('after “Mastic”');
        $half = $page->run($bodies);
        self::assertLessThan((int) $finished, (int) $half);
        $page->type([WebDriverKeys::ARROW_LEFT])->see('after “Connector”');
        self::assertLessThan((int) $half, (int) $page->run($bodies));
        $page->close();
    }

    #[Test]
    public function aRuleLightsItsPlaceAndSaysWhatTakesOfIt(): void
    {
        $page = Page::open()->signIn('jointer')->go('/jobs/019aa100-0000-7000-8000-000000000011/section')->see('The least to spare');
        $page->pressFirst('Dual-wall tube onto the metallic screen, end B')->see('End B: the dual-wall tube covers')
            ->see('What can take of it');
        $page->close();
    }
}
