<?php

declare(strict_types=1);

namespace App\Tests\Process;

use App\Tests\Journey\Visitor;
use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

/** Berm as it runs by ./berm start, in a state folder of its own; what is killed is found among its own processes. */
final readonly class Instance
{
    /** @param array<string, string> $settings more of the environment */
    private function __construct(public string $clone, public ?string $state, public int $port, private array $settings = [])
    {
    }

    public static function in(string $name): self
    {
        return new self(\dirname(__DIR__, 2), self::scratch($name), self::freePort());
    }

    /** @param array<string, string> $settings */
    public function with(array $settings): self
    {
        return new self($this->clone, $this->state, $this->port, $settings);
    }

    /** With the demo in it, as a first start leaves it. That takes half a minute: it is made once, and copied while it is stopped. */
    public function filled(): self
    {
        $first = self::in('first');
        if (!is_file("$first->state/demo-loaded")) {
            $first->berm('start');
            $first->berm('stop');
        }
        self::run('install', '-d', '-m', '711', (string) $this->state);
        self::run('cp', '-a', "$first->state/pg", "$first->state/secrets", "$first->state/demo-loaded", (string) $this->state);

        return $this;
    }

    /** In a clone whose folder decides where the state lies. */
    public static function ofClone(string $clone): self
    {
        return new self($clone, null, self::freePort());
    }

    public static function scratch(string $name): string
    {
        return (string) getenv('BERM_SCRATCH').'/'.$name;
    }

    /** How often by command; in the suite, a sample. */
    public static function rounds(): int
    {
        return max(2, (int) getenv('BERM_ROUNDS'));
    }

    /** @return string what it said */
    public function berm(string ...$arguments): string
    {
        $process = $this->process(...$arguments);
        $process->run();
        $said = $process->getOutput().$process->getErrorOutput();
        Assert::assertSame(0, $process->getExitCode(), $said);

        return $said;
    }

    /** @return string what it said when it failed */
    public function refused(string ...$arguments): string
    {
        $process = $this->process(...$arguments);
        $process->run();
        Assert::assertNotSame(0, $process->getExitCode(), $process->getOutput());

        return $process->getOutput().$process->getErrorOutput();
    }

    public function visitor(string $user): Visitor
    {
        return Visitor::at("http://127.0.0.1:$this->port", $user, (string) file_get_contents("$this->state/secrets/demo-password"));
    }

    /** @return string what the database answers, asked as its reader */
    public function query(string $sql): string
    {
        return trim(self::run('env', "BERM_STATE=$this->state", "$this->clone/tools/pg.sh", 'psql', 'reader', '-Atc', $sql));
    }

    /** As PostgreSQL's own administrator, beside the database of Berm. */
    public function administered(string $sql): void
    {
        self::run('env', "BERM_STATE=$this->state", "$this->clone/tools/pg.sh", 'administer', '-c', $sql);
    }

    public function database(string $command): void
    {
        self::run('env', '-u', 'PG_FAST', "BERM_STATE=$this->state", "$this->clone/tools/pg.sh", $command);
    }

    /** In a session of its own, so that all that it began ends with it, except what runs in the background. */
    public function process(string ...$arguments): Process
    {
        return $this->command(['setsid', '--wait', "$this->clone/berm", ...$arguments]);
    }

    /** Ended by force with everything in its group after so many seconds, whatever it is at. */
    public function killedAfter(float $seconds, string ...$arguments): void
    {
        try {
            $this->command(['setsid', '--wait', 'timeout', '--signal=KILL', (string) $seconds, "$this->clone/berm", ...$arguments])->run();
        } catch (ProcessSignaledException) {
            // As it was meant.
        }
    }

    /** @param array<string> $command */
    private function command(array $command): Process
    {
        $environment = [
            'BERM_PORT' => (string) $this->port, 'BERM_STATE' => $this->state ?? false, 'BERM_IN_TURN' => false, 'APP_ENV' => false,
            'APP_DEBUG' => false, ...$this->settings,
        ];

        return new Process(array_values($command), $this->clone, $environment, null, 120);
    }

    /** What a page that needs every part is answered with; 0 when nobody answers. */
    public function answer(string $path = '/api/ready'): int
    {
        $curl = curl_init("http://127.0.0.1:$this->port$path");
        curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_PROXY => '', \CURLOPT_TIMEOUT => 20]);
        curl_exec($curl);

        return curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
    }

    /** @return array<int, string> what the processes of this instance call themselves, by their number */
    public function processes(): array
    {
        $all = [];
        foreach (explode("\n", self::run('ps', '-eo', 'pid=,ppid=,user=,args=')) as $line) {
            if (1 === preg_match('/^\s*(\d+)\s+(\d+)\s+(\S+)\s+(.*)$/', $line, $is)) {
                $all[(int) $is[1]] = [(int) $is[2], "$is[3] $is[4]"];
            }
        }
        $ours = [];
        foreach ($all as $pid => [$parent, $called]) {
            if (str_contains($called, $this->state.'/') && 1 === preg_match(
                '/^\w+ (nginx: master|php-fpm: master|\S*postgres) /', $called,
            )) {
                $ours[$pid] = $called;
            }
        }
        foreach ($all as $pid => [$parent, $called]) {
            if (isset($ours[$parent])) {
                $ours[$pid] = $called;
            }
        }

        return $ours;
    }

    /** @return list<int> those whose name is like this */
    public function named(string $pattern): array
    {
        return array_keys(array_filter($this->processes(), static fn (string $called): bool => 1 === preg_match($pattern, $called)));
    }

    public static function run(string ...$command): string
    {
        $process = new Process(array_values($command), null, null, null, 60);
        $process->mustRun();

        return $process->getOutput();
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        Assert::assertIsResource($socket);

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
