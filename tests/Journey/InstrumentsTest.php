<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use App\Device\Bridge;
use App\Device\LengthGauge;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A caliper that speaks for somebody: what it reads lands in the step that they have open, and in their record. */
final class InstrumentsTest extends TestCase
{
    private const JOB = '/jobs/019aa100-0000-7000-8000-000000000002';

    #[Test]
    public function aReadingLandsInTheOpenStepAndWhatDoesNotFitIsOffered(): void
    {
        $page = Page::open();
        try {
            $page->signIn('jointer')->go('/you')->fill('What you call it', 'Van')->press('Make a token')->see('it is not shown again')
                ->assertAccessible();
            $token = $page->run("done(document.querySelector('code').textContent)");
            $page->go(self::JOB.'/build')->see('4 · Insulation, end A')->see('Your instruments are heard here.');
            $this->press($token, '61.2');
            $page->see('61.21 mm')->see('by Caliper K-2207')->assertAccessible()->press('Not this');
            $this->press($token, '56.5');
            $page->see('1 · Oversheath, end B')->see('Insulation, end A: 56.51 mm by caliper K-2207, inside');
            $this->press($token, '248', calibratedUntil: '2020-03-01');
            $page->see('out of calibration since 2020-03-01')->press('Record it')->see('2 · Metallic screen, end B');
            $page->press('Record')->see('OUT OF CALIBRATION since 1 Mar 2020')->assertAccessible();
            $page->go('/you')->press('End it: Van')->seeNoMore('Van');
            $this->press($token, '211.5', 'REFUSED: This token is not known here');
            self::leaveAsItWas($page);
        } finally {
            $page->close();
        }
    }

    /** Other journeys go on from the same job. */
    private static function leaveAsItWas(Page $page): void
    {
        $left = $page->run(<<<'JS'
            (async () => {
              const job = '/api/jobs/019aa100-0000-7000-8000-000000000002'
              const { csrfToken } = await (await fetch('/api/session')).json()
              const { log } = await (await fetch(job)).json()
              const sent = log.filter(({ event }) => event.reading?.sentBy).reverse()
              for (const { id } of sent) {
                const body = { id: crypto.randomUUID(), event: { kind: 'withdrawn', entry: id, reason: 'Read for a test.' } }
                const headers = { 'Content-Type': 'application/json', 'X-CSRF-Token': csrfToken }
                const answer = await fetch(`${job}/log`, { method: 'POST', headers, body: JSON.stringify(body) })
                if (answer.status !== 201) return done(await answer.text())
              }
              done(String(sent.length))
            })()
            JS);
        self::assertSame('2', $left);
    }

    private function press(
        string $token, string $before, string $told = 'Sent to 1 open page', string $calibratedUntil = '2099-12-31',
    ): void {
        $address = $_SERVER['BERM_URL'] ?? '';
        self::assertIsString($address);
        $now = new \DateTimeImmutable();
        $says = (new Bridge($address, $token, 'jointer'))->send(LengthGauge::caliper()->read($before), $calibratedUntil, $now, $now);
        self::assertStringContainsString($told, $says);
    }
}
