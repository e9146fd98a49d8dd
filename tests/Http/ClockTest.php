<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;

/** A server's clock that jumps: nothing is refused for it, the order of lines stays, and who reads them is told. */
final class ClockTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    #[Test]
    public function aClockSetBackIsSaidAtTheLineAndAllGoesOn(): void
    {
        $this->signIn('jointer');
        $clock = self::mockTime('now');
        self::assertInstanceOf(MockClock::class, $clock);
        foreach ([
            ['+1 minute', false], ['-3 hours', true], ['+1 minute', false], ['+9 days', false], ['-30 seconds', false], ['-9 days', true],
        ] as [$jump, $isTold]) {
            $clock->modify($jump);
            $log = self::listAt($this->after(self::HALF_CUT, self::cut('A', 'insulation', '56.5')), 'log');
            $last = $log[array_key_last($log) ?? 0];
            self::assertIsArray($last);
            self::assertSame([$isTold, \count($log)], [$last['clockSetBack'], $last['sequence']], $jump);
        }
        self::assertTrue(self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT.'/chain'), 'unbroken'));
        $pdf = PdfText::lines((string) $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/record.pdf')->getContent());
        self::assertStringContainsString('clock was set back before this line', implode(' ', $pdf));
        self::assertSame(200, $this->call('GET', '/api/jobs')->getStatusCode());
    }

    /** Tries that a clock ahead of its time has counted do not lock anybody out until that time comes. */
    #[Test]
    public function aLockOfAFalseTomorrowIsOver(): void
    {
        for ($try = 0; $try < 5; ++$try) {
            $this->signIn('jointer', "guess $try");
        }
        self::assertSame(429, $this->signIn('jointer')->getStatusCode());
        self::getContainer()->get(Connection::class)->executeStatement("UPDATE sign_in_try SET began_at = now() + interval '5 hours'");
        self::assertSame(200, $this->signIn('jointer')->getStatusCode());
    }
}
