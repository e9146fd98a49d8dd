<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A first start that is killed, at whatever moment, is made good by the next one. */
final class FirstStartTest extends TestCase
{
    #[Test]
    public function theNextStartFinishesWhatAKilledOneBegan(): void
    {
        mt_srand(20261127);
        for ($round = 0; $round < Instance::rounds(); ++$round) {
            $berm = Instance::in('first-start');
            Instance::run('rm', '-rf', (string) $berm->state);
            // The whole of it takes about half a minute here: the cluster's making, the tables and the demo all lie within.
            $killed = $this->killedAfter($berm, mt_rand(200, 20_000));
            $said = $berm->berm('start');
            self::assertSame(200, $berm->answer(), "killed after $killed ms: $said");
            self::assertGreaterThan(5, (int) $berm->query('SELECT count(*) FROM job'), "killed after $killed ms");
            $berm->berm('stop');
            self::assertSame([], $berm->processes());
        }
    }

    /** Killed between PostgreSQL and its roles: what runs is taken on, and not waited for until the start gives up and ends it. */
    #[Test]
    public function aDatabaseThatRunsWithoutItsRolesIsTakenOn(): void
    {
        $berm = Instance::in('without-roles')->filled();
        Instance::run('rm', "$berm->state/demo-loaded");
        $berm->database('start');
        $berm->administered('DROP DATABASE berm');
        $berm->administered('DROP ROLE berm_app');
        $runs = $berm->named('/postgres -D/');
        $berm->berm('start');
        self::assertSame(200, $berm->answer());
        self::assertSame($runs, $berm->named('/postgres -D/'));
        $berm->berm('stop');
    }

    /** With all that it began, except what has left for the background. */
    private function killedAfter(Instance $berm, int $milliseconds): int
    {
        $berm->killedAfter($milliseconds / 1000, 'start');

        return $milliseconds;
    }
}
