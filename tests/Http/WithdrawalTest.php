<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

/** A sheet's revision that was found wrong is withdrawn: jobs that are open on it stop, and say so. */
final class WithdrawalTest extends ApiTestCase
{
    private const SHEET = '/api/kits/quillon-straight-12/1/withdrawal';

    #[Test]
    public function openJobsStopUntilAnEngineerLetsThemBeFinished(): void
    {
        $this->signIn('jointer');
        $before = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        $version = self::at($before, 'version');
        self::assertIsInt($version);
        self::assertSame(403, $this->call('PUT', self::SHEET, ['reason' => 'r'])->getStatusCode(), 'not by who builds');

        $this->signIn('engineer');
        $revision = self::at($before, 'kit.revision');
        self::assertIsInt($revision);
        $kit = self::text($before, 'kit.id')."/$revision";
        self::assertSame(
            204, $this->call('PUT', "/api/kits/$kit/withdrawal", ['reason' => 'The screen comes out short.'])->getStatusCode(),
        );
        self::assertSame(204, $this->call('PUT', "/api/kits/$kit/withdrawal", ['reason' => 'again'])->getStatusCode(), 'twice is once');
        $job = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        self::assertSame('sheet-withdrawn', self::at($job, 'obstacles.0.code'));
        self::assertStringContainsString('The screen comes out short.', self::said($job, 'obstacles.0.reason'));
        self::assertSame($version + 1, self::at($job, 'version'), 'what was known of it holds no more');
        $kits = $this->call('GET', '/api/kits');
        self::assertStringContainsString('"withdrawn":true', (string) $kits->getContent());

        $cut = self::cut('A', 'insulation', '57');
        $this->signIn('jointer');
        self::assertSame(409, $this->write(self::HALF_CUT, $cut)->getStatusCode());
        $this->signIn('engineer');
        self::assertSame(201, $this->write(self::HALF_CUT, ['kind' => 'withdrawn-accepted', 'reason' => 'Sheath only.'])->getStatusCode());
        $this->signIn('jointer');
        self::assertSame(201, $this->write(self::HALF_CUT, $cut)->getStatusCode());
    }

    #[Test]
    public function whatIsNotThereIsNotWithdrawnAndNotWithoutAReason(): void
    {
        $this->signIn('engineer');
        self::assertSame(404, $this->call('PUT', '/api/kits/quillon-straight-12/999/withdrawal', ['reason' => 'r'])->getStatusCode());
        $bare = $this->call('PUT', self::SHEET, ['reason' => ' ']);
        self::assertSame([422, 'reason'], [$bare->getStatusCode(), self::at($bare, 'problems.0.path')]);
    }
}
