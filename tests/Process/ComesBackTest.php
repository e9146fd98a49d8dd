<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Whatever of Berm is killed, one ./berm start brings all of it back. Two of each kind here; as many as BERM_ROUNDS says by ./berm kills.
 */
final class ComesBackTest extends TestCase
{
    private static Instance $berm;

    public static function setUpBeforeClass(): void
    {
        self::$berm = Instance::in('comes-back')->filled();
        self::$berm->berm('start');
    }

    public static function tearDownAfterClass(): void
    {
        self::$berm->berm('stop');
        self::assertSame([], self::$berm->processes(), 'nothing is left running');
    }

    /** @return iterable<string, array{string, string|null}> whom to kill, and what start then says */
    public static function parts(): iterable
    {
        yield 'the web server' => ['/ nginx: master/', 'nginx had stopped: it runs again.'];
        yield 'the workers of the web server' => ['/ nginx: worker/', null];
        yield 'the manager of the workers' => ['/php-fpm: master/', 'fpm had stopped: it runs again.'];
        yield 'the workers' => ['/php-fpm: pool/', null];
        yield 'the database' => ['/postgres -D/', 'The database had stopped: it is started again.'];
        yield 'a part of the database' => ['/postgres: checkpointer/', null];
        yield 'all of it' => ['/./', 'The database had stopped: it is started again.'];
    }

    #[Test]
    #[DataProvider('parts')]
    public function oneStartBringsBackWhatWasKilled(string $whom, ?string $said): void
    {
        for ($round = 0; $round < Instance::rounds(); ++$round) {
            $victims = self::$berm->named($whom);
            self::assertNotSame([], $victims);
            self::kill(\SIGKILL, $victims);
            $says = self::$berm->berm('start');
            self::assertSame(200, self::$berm->answer(), $says);
            self::assertStringContainsString($said ?? 'Berm is at', $says);
            foreach ([
                '/ nginx: master/' => 1, '/ nginx: worker/' => 2, '/php-fpm: master/' => 1, '/php-fpm: pool/' => 6, '/postgres -D/' => 1,
            ] as $part => $count) {
                self::assertCount($count, self::$berm->named($part), "$part after $says");
            }
            self::assertSame([], array_intersect(self::mastersAmong($victims), array_keys(self::$berm->processes())));
        }
        self::assertStringContainsString('Berm is running already.', self::$berm->berm('start'));
    }

    #[Test]
    public function workersThatHangAreReplaced(): void
    {
        $hung = self::$berm->named('/php-fpm: pool/');
        self::kill(\SIGSTOP, $hung);
        self::$berm->berm('start');
        self::assertSame(200, self::$berm->answer());
        self::assertSame([], array_intersect($hung, array_keys(self::$berm->processes())));
    }

    #[Test]
    public function stopAndStartAfterTheMastersWereKilled(): void
    {
        self::kill(\SIGKILL, [...self::$berm->named('/ nginx: master/'), ...self::$berm->named('/php-fpm: master/')]);
        self::$berm->berm('stop');
        self::assertSame(0, self::$berm->answer());
        self::$berm->berm('start');
        self::assertSame(200, self::$berm->answer());
    }

    #[Test]
    public function twoStartsAtOnceDoNotGetInEachOthersWay(): void
    {
        self::$berm->berm('stop');
        $starts = [self::$berm->process('start'), self::$berm->process('start')];
        foreach ($starts as $start) {
            $start->start();
        }
        foreach ($starts as $start) {
            self::assertSame(0, $start->wait(), $start->getOutput().$start->getErrorOutput());
        }
        self::assertSame(200, self::$berm->answer());
        self::assertCount(1, self::$berm->named('/ nginx: master/'));
    }

    /** @param list<int> $whom */
    private static function kill(int $signal, array $whom): void
    {
        foreach ($whom as $pid) {
            posix_kill($pid, $signal);
        }
    }

    /**
     * @param list<int> $victims
     *
     * @return list<int>
     */
    private static function mastersAmong(array $victims): array
    {
        return array_values(array_filter($victims, static fn (int $pid): bool => is_dir("/proc/$pid")));
    }
}
