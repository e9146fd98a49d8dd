<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What a user of the machine without rights can do to Berm, and what its own workers can. */
final class ClosedDoorsTest extends TestCase
{
    private const NOBODY = ['setpriv', '--reuid=65534', '--regid=65534', '--clear-groups', '--'];
    private const WORKER = ['setpriv', '--reuid=berm', '--regid=berm', '--clear-groups', '--'];

    private static Instance $berm;

    public static function setUpBeforeClass(): void
    {
        self::$berm = Instance::in('closed-doors')->filled();
        self::$berm->berm('start');
    }

    public static function tearDownAfterClass(): void
    {
        self::$berm->berm('stop');
    }

    #[Test]
    public function aUserWithoutRightsReadsAndWritesNothing(): void
    {
        self::assertSame('711', substr(\sprintf('%o', (int) fileperms((string) self::$berm->state)), -3), 'can be passed through');
        self::assertSame([], self::found('-mindepth', '1', '!', '-type', 'l', '-perm', '/007'), 'and holds nothing for others');
    }

    #[Test]
    public function theSocketTakesRequestsFromTheWebServerOnly(): void
    {
        $connect = 'exit(@stream_socket_client("unix://".$argv[1]) ? 0 : 1);';
        $socket = self::$berm->state.'/run/fpm.sock';
        self::assertSame('660', substr(\sprintf('%o', (int) fileperms($socket)), -3));
        self::assertFalse(self::does([...self::NOBODY, 'php', '-r', $connect, $socket]));
        self::assertTrue(self::does([...self::WORKER, 'php', '-r', $connect, $socket]));
    }

    #[Test]
    public function nothingThatIsServedRunsWithRights(): void
    {
        $users = array_map(static fn (string $called): string => explode(' ', $called)[0], self::$berm->processes());
        self::assertSame(['berm', 'postgres'], array_values(array_unique([...array_diff($users, ['postgres']), 'postgres'])));
    }

    #[Test]
    public function workersChangeNothingThatIsRunOrRead(): void
    {
        $state = (string) self::$berm->state;
        $theirs = self::found('(', '-user', 'berm', '-o', '-group', 'berm', '-perm', '/020', '-o', '-perm', '/002', ')');
        self::assertNotSame([], $theirs);
        foreach ($theirs as $path) {
            self::assertMatchesRegularExpression('~^'.preg_quote($state, '~').'/(run|log|workers)(/|$)~', $path);
        }
        $secrets = [...self::secrets(), "$state/pg/password"];
        self::assertGreaterThanOrEqual(5, \count($secrets));
        foreach ($secrets as $secret) {
            self::assertFalse(self::does([...self::WORKER, 'test', '-r', $secret]), $secret);
        }
    }

    /** Arguments of a process can be read by everybody on the machine. */
    #[Test]
    public function noSecretStandsInTheArgumentsOfAProcess(): void
    {
        self::$berm->berm('stop');
        $start = self::$berm->process('start');
        $start->start();
        $seen = '';
        while ($start->isRunning()) {
            $seen .= Instance::run('ps', '-eo', 'args=');
        }
        self::assertStringContainsString('postgres', $seen);
        foreach (self::secrets() as $secret) {
            self::assertStringNotContainsString((string) file_get_contents($secret), $seen, basename($secret));
        }
        self::assertStringNotContainsString((string) file_get_contents(self::$berm->state.'/pg/password'), $seen);
    }

    #[Test]
    public function logsHoldNoSecret(): void
    {
        $logs = (string) shell_exec(
            'cd '.escapeshellarg((string) self::$berm->state).' && cat log/* pg/log *.log',
        );
        self::assertStringContainsString('database system is ready', $logs);
        foreach (self::secrets() as $secret) {
            self::assertStringNotContainsString((string) file_get_contents($secret), $logs, basename($secret));
        }
    }

    /** A clone that nobody else can enter is served from beside the system's other data, and by nobody with rights. */
    #[Test]
    public function aCloneInAClosedFolderIsServed(): void
    {
        $closed = Instance::scratch('closed');
        Instance::run('rm', '-rf', $closed);
        mkdir("$closed/clone", 0o700, true);
        chmod($closed, 0o700);
        $parts = [
            'berm', 'bin', 'composer.json', 'composer.pins.json', 'config', 'core', 'demo', 'migrations', 'openapi.yaml', 'public', 'src',
            'tools', 'vendor', 'web',
        ];
        Instance::run(
            'cp', '-al', ...array_map(static fn (string $part): string => \dirname(__DIR__, 2)."/$part", $parts), ...["$closed/clone"],
        );
        $state = '/var/lib/berm-'.substr(hash('sha256', "$closed/clone"), 0, 8);
        $berm = Instance::ofClone("$closed/clone");
        try {
            $berm->berm('start');
            self::assertSame(200, $berm->answer());
            self::assertSame(200, $berm->answer('/'));
            self::assertFileExists("$state/conf/nginx.conf");
            self::assertSame([], glob("$closed/clone/var/*"));
        } finally {
            $berm->berm('stop');
            Instance::run('rm', '-rf', $closed, $state);
        }
    }

    /** @return list<string> */
    private static function secrets(): array
    {
        $files = glob(self::$berm->state.'/secrets/*');

        return false === $files ? [] : $files;
    }

    /** @return list<string> files and folders of the state */
    private static function found(string ...$like): array
    {
        return array_values(array_filter(
            explode("\n", Instance::run('find', (string) self::$berm->state, ...$like)), static fn (string $path): bool => '' !== $path,
        ));
    }

    /** @param list<string> $command */
    private static function does(array $command): bool
    {
        return 0 === (new Process($command))->run();
    }
}
