<?php

declare(strict_types=1);

namespace App\Tests\Whole;

use App\Tests\Journey\Browser;
use App\Tests\Journey\Line;
use App\Tests\Journey\Page;
use App\Tests\Process\Instance;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What was written where there is no signal is sent by the page itself, and its server is killed twice meanwhile. By ./berm away. */
final class SentWhileKilledTest extends TestCase
{
    private const TYPED = 200;
    private const JOB = '019aa100-0000-7000-8000-000000000007';

    /** A reading that is out, so that the same is asked again; done when all that waits was judged. */
    private const ENTRY = <<<'JS'
        const count = (words) => Number(words.exec(document.body.innerText)?.[1].replace('an', '1') ?? 0)
        const judged = () => count(/Judged on this device: (\d+|an) entr/), waiting = () => count(/(\d+|an) entr\w+ waits?/)
        const before = judged(), input = document.querySelector('input[inputmode=decimal]')
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, VALUE)
        input.dispatchEvent(new Event('input', { bubbles: true }))
        input.form.requestSubmit()
        const look = () => (judged() > before && judged() === waiting() ? done('judged') : requestAnimationFrame(look))
        look()
        JS;

    #[Test]
    public function noneIsLostAndNoneIsDoubled(): void
    {
        $berm = Instance::in('sent-while-killed')->filled();
        $berm->berm('start');
        $line = Line::to($berm->port);
        $page = Page::over($line, Browser::profile())->patiently(60);
        try {
            $before = $this->entries($berm);
            $page->signIn('jointer', (string) file_get_contents("$berm->state/secrets/demo-password"));
            $page->go('/jobs/'.self::JOB.'/safety')->press('Take it along')->see('On this device, as of');
            $line->cut();
            $page->go('/jobs/'.self::JOB.'/kit')->see('no signal since')->pressFirst('I have this one')->see('Open it and lay out');
            $page->run('document.querySelectorAll("fieldset input[type=checkbox]").forEach((line) => line.click()); done("")');
            $page->press('All of it is here')->see('Opened and checked')->see('an entry waits');
            $page->go('/jobs/'.self::JOB.'/build')->see('From the insulation end to the stress tube');
            for ($i = 0; $i < self::TYPED; ++$i) {
                $page->run(str_replace('VALUE', "'".(20 + $i)."'", self::ENTRY));
            }
            // With the box; and some of them came in twos: a part was shrunk, and measured.
            $queued = (int) $page->run('done(/Judged on this device: (\d+) entries/.exec(document.body.innerText)[1])');
            self::assertGreaterThanOrEqual(self::TYPED, $queued);
            $page->see("$queued entries wait");
            $line->mend();
            foreach ([intdiv(3 * $queued, 4), intdiv($queued, 4)] as $left) {
                $page->waitFor(
                    "at most $left to wait", "return Number(/(\\d+) entries wait/.exec(document.body.innerText)?.[1] ?? 0) <= $left",
                );
                self::assertLessThan($before + $queued, $this->entries($berm), 'it is still sending');
                array_map(static fn (int $pid): bool => posix_kill($pid, \SIGKILL), $berm->named('/nginx|php-fpm/'));
                $page->see('no signal since');
                $berm->berm('start');
            }
            $page->see('all sent');
            self::assertSame($before + $queued, $this->entries($berm));
            $opened = "SELECT count(*) FROM box WHERE opened_at IS NOT NULL AND reserved_for = '".self::JOB."'";
            self::assertSame('1', $berm->query($opened));
            $inOrder = $berm->query(\sprintf(
                "SELECT typed FROM (SELECT sequence, substring(body from '\"typed\": ?\"([0-9]+)\"') typed FROM log_entry
                 WHERE job_id = '%s' AND body LIKE '%%\"typed\"%%') readings ORDER BY sequence DESC LIMIT %d",
                self::JOB, self::TYPED,
            ));
            self::assertSame(array_reverse(range(20, 19 + self::TYPED)), array_map(intval(...), explode("\n", $inOrder)));
        } finally {
            $page->close();
            $line->cut();
            $berm->berm('stop');
        }
    }

    private function entries(Instance $berm): int
    {
        return (int) $berm->query("SELECT count(*) FROM log_entry WHERE job_id = '".self::JOB."'");
    }
}
