<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

/**
 * While entries are written, workers are killed under them, and now and then all of them: what got no answer is sent again, as the
 * page does. None is lost, none is there twice. A few here; a thousand by ./berm kills.
 */
final class EntriesSurviveTest extends TestCase
{
    private const SEED = 20261128;
    private const OF_A_ROUND = 20;

    #[Test]
    public function noEntryIsLostOrDoubledWhileItsServerIsKilled(): void
    {
        $berm = Instance::in('entries-survive')->filled();
        $berm->berm('start');
        try {
            $entries = new Entries($berm->visitor('jointer'));
            mt_srand(self::SEED);
            $written = $unanswered = 0;
            for ($i = 0; $i < self::OF_A_ROUND * Instance::rounds(); ++$i) {
                $id = Uuid::v7()->toRfc4122();
                if (0 === $i % 10) {
                    self::killSoon($berm, 0 === $i % 20 ? '/php-fpm: master/' : '/php-fpm: pool/');
                }
                for ($try = 0; $try < 20; ++$try) {
                    $status = $entries->write($id)->status;
                    if (201 === $status) {
                        ++$written;
                        break;
                    }
                    ++$unanswered;
                    $berm->berm('start');
                }
            }
            self::assertSame(self::OF_A_ROUND * Instance::rounds(), $written, "with $unanswered tries that got no answer");
            self::assertSame([], $entries->lostIn($berm));
        } finally {
            $berm->berm('stop');
        }
        self::assertSame([], $berm->processes(), 'nothing is left running');
    }

    /** A few milliseconds from now, so that it falls into the writing of the next entry. */
    private static function killSoon(Instance $berm, string $whom): void
    {
        if ([] === $berm->named($whom)) {
            // Those whom nobody looked after any more have ended.
            $berm->berm('start');
        }
        $victims = $berm->named($whom);
        self::assertNotSame([], $victims);
        $pids = implode(' ', $victims);
        $wait = mt_rand(0, 40) / 1000;
        exec("(sleep $wait; kill -9 $pids) > /dev/null 2>&1 &");
    }
}
