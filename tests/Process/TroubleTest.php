<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

/** What happens to a server: its database goes away, its disk fills up. It is said in words, nothing is lost, and it goes on by itself. */
final class TroubleTest extends TestCase
{
    #[Test]
    public function aDatabaseThatGoesAwayAndReturnsIsMetAsIfNothingHadBeen(): void
    {
        $berm = Instance::in('away')->filled();
        $berm->berm('start');
        try {
            $entries = new Entries($visitor = $berm->visitor('jointer'));
            // Every worker keeps a connection.
            $visitor->atOnce(array_fill(0, 24, ['GET', '/api/jobs']));
            for ($round = 0; $round < Instance::rounds(); ++$round) {
                self::assertSame(201, $entries->write()->status);
                0 === $round % 2 ? $berm->database('stop') : array_map(
                    static fn (int $pid): bool => posix_kill($pid, \SIGKILL), $berm->named('/postgres/'),
                );
                $unsent = Uuid::v7()->toRfc4122();
                foreach ([$visitor->ask('GET', '/api/jobs'), $entries->write($unsent)] as $answer) {
                    self::assertSame([503, '/problems/database-away'], [$answer->status, $answer->at('type')], $answer->body);
                    self::assertStringContainsString('what you typed is kept; Berm tries again by itself', $answer->body);
                }
                self::assertStringContainsString('DOES NOT ANSWER', $berm->berm('status'));
                $berm->database('start');
                $statuses = array_map(
                    static fn ($answer): int => $answer->status, $visitor->atOnce(array_fill(0, 24, ['GET', '/api/jobs'])),
                );
                self::assertSame([200], array_values(array_unique($statuses)), 'no worker meets its old connection');
                self::assertSame(201, $entries->write($unsent)->status);
                self::assertSame([], $entries->lostIn($berm));
            }
            self::assertStringNotContainsString('SQLSTATE', (string) shell_exec('cat '.escapeshellarg($berm->state.'/log/').'*'));
        } finally {
            $berm->berm('stop');
        }
    }

    #[Test]
    public function aFullDiskIsSaidAndNothingIsLostAndWithRoomItGoesOnByItself(): void
    {
        $berm = Instance::in('full');
        $state = (string) $berm->state;
        Instance::run('mkdir', '-p', $state);
        Instance::run('mount', '-t', 'tmpfs', '-o', 'size=400m,mode=711', 'none', $state);
        try {
            $berm->filled()->berm('start');
            $entries = new Entries($visitor = $berm->visitor('jointer'));
            self::assertSame(201, $entries->write()->status);
            foreach ([40_000_000, 0] as $left) {
                $filling = (int) disk_free_space($state) - $left;
                Instance::run('sh', '-c', "head -c $filling /dev/zero > $state/filling 2>/dev/null || true");
                $refused = $entries->write();
                self::assertSame([503, '/problems/database-full'], [$refused->status, $refused->at('type')], $refused->body);
                self::assertStringContainsString('The disk of the server is full', $refused->body);
                self::assertSame(200, $visitor->ask('GET', '/api/jobs')->status, 'it is read as ever');
                self::assertStringContainsString('ALMOST FULL', $berm->berm('status'));
                unlink("$state/filling");
                self::assertSame(201, $entries->write()->status, 'with room again');
                self::assertSame([], $entries->lostIn($berm));
            }
        } finally {
            $berm->berm('stop');
            Instance::run('umount', $state);
        }
    }
}
