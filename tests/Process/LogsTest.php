<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Logs stay within bounds however long Berm runs. */
final class LogsTest extends TestCase
{
    #[Test]
    public function aLongLogIsPutAsideAndTheOldestGoes(): void
    {
        $berm = Instance::in('logs')->filled();
        $berm->berm('start');
        try {
            $log = "$berm->state/log/nginx.log";
            foreach (range(1, 8) as $old) {
                file_put_contents("compress.zlib://$log.$old.gz", "old $old");
            }
            file_put_contents($log, str_repeat("line\n", 1_100_000));
            $berm->berm('start');
            clearstatcache();
            self::assertSame(0, filesize($log));
            self::assertSame('line', trim((string) file_get_contents("compress.zlib://$log.1.gz", false, null, 0, 5)));
            foreach (range(2, 8) as $old) {
                self::assertSame('old '.($old - 1), file_get_contents("compress.zlib://$log.$old.gz"));
            }
            self::assertFileDoesNotExist("$log.9.gz");
            self::assertSame(404, $berm->answer('/build/none'));
        } finally {
            $berm->berm('stop');
        }
    }
}
