<?php

declare(strict_types=1);

namespace App\Tests\Hand;

use App\Hand\Desk;
use App\Tests\Http\ApiTestCase;
use Berm\Core\Bench\Bench;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

/** The engine in the hand as the page has it: a message in, an answer out, and nothing thrown. */
final class DeskTest extends ApiTestCase
{
    private const JOB = '/api/jobs/'.self::HALF_CUT;
    private const AT = '2026-11-28T10:00:00+00:00';

    /** What was written is kept by the page, line by line: the job is opened again as it was left, with nothing judged twice. */
    #[Test]
    public function aJobIsOpenedAgainAsItWasLeft(): void
    {
        $package = $this->package();
        $desk = new Desk();
        self::assertSame(['status' => 200], self::take($desk, ['do' => 'open', 'package' => $package, 'grown' => []]));
        $before = self::ask($desk, 'GET', '');
        self::assertArrayNotHasKey('grown', $before);
        $grown = [];
        foreach (['57', '57.5'] as $typed) {
            $written = self::ask($desk, 'POST', '/log', ['id' => Uuid::v7()->toRfc4122(), 'event' => self::cut('A', 'insulation', $typed)]);
            self::assertSame(201, $written['status']);
            $grown[] = $written['grown'] ?? self::fail('it grew');
        }
        $again = new Desk();
        self::take($again, ['do' => 'open', 'package' => $package, 'grown' => $grown]);
        self::assertSame(self::ask($desk, 'GET', '')['body'], self::ask($again, 'GET', '')['body']);
        self::assertStringContainsString('57.5', self::body(self::ask($again, 'GET', '')));
        self::take($again, ['do' => 'open', 'package' => $package, 'grown' => [$grown[0]]]);
        self::assertNotSame(self::ask($desk, 'GET', '')['body'], self::ask($again, 'GET', '')['body']);
    }

    #[Test]
    public function aChangedPlanGrowsToo(): void
    {
        $package = $this->package();
        $desk = new Desk();
        self::take($desk, ['do' => 'open', 'package' => $package, 'grown' => []]);
        $draft = self::at($this->call('GET', self::JOB), 'draft');
        $version = self::at($this->call('GET', self::JOB), 'version');
        self::assertTrue(\is_array($draft) && \is_int($version));
        $changed = self::ask($desk, 'PUT', '/plan', [...$draft, 'outageEnds' => '2026-11-29T16:00:00+01:00'], $version);
        self::assertSame(200, $changed['status']);
        $again = new Desk();
        self::take($again, ['do' => 'open', 'package' => $package, 'grown' => [$changed['grown']]]);
        self::assertStringContainsString('2026-11-29T16:00:00', self::body(self::ask($again, 'GET', '')));
    }

    /** An engine that does not match the job's format says so and asks for signal; a package that is damaged says what of it. */
    #[Test]
    public function whatCannotBeOpenedIsSaidWithItsMend(): void
    {
        $package = $this->package();
        $desk = new Desk();
        $other = self::take($desk, ['do' => 'open', 'package' => [...$package, 'format' => 'berm/package/9'], 'grown' => []]);
        self::assertSame(422, $other['status']);
        self::assertStringContainsString('take the job along anew, where there is a signal', self::body($other));
        self::assertSame(404, self::ask($desk, 'GET', '')['status'], 'it is not open');
        $log = $package['log'];
        self::assertIsArray($log);
        $cut = self::take($desk, ['do' => 'open', 'package' => [...$package, 'log' => [['sequence' => 1], ...$log]], 'grown' => []]);
        self::assertStringContainsString('package.log[0].body', self::body($cut));
    }

    /** Most sheets are never asked for, and are read when they are: a fault in one of them bars nothing else. */
    #[Test]
    public function aSheetThatNobodyAsksForIsNotRead(): void
    {
        $package = $this->package();
        $kits = $package['kits'];
        self::assertIsArray($kits);
        $spoiled = ['id' => 'spoiled-kit', 'revision' => 1, 'made' => 'of nothing'];
        $desk = new Desk();
        $opened = self::take($desk, ['do' => 'open', 'package' => [...$package, 'kits' => [...$kits, $spoiled]], 'grown' => []]);
        self::assertSame(200, $opened['status']);
        self::assertSame(200, self::ask($desk, 'GET', '')['status']);
        $list = self::ask($desk, 'GET', '/kits');
        self::assertSame(422, $list['status']);
        self::assertStringContainsString('package.kits['.\count($kits).']', self::body($list));
    }

    /** Nothing has to be open for it; and what cannot be taken is refused as the server refuses it. */
    #[Test]
    public function theBenchAnswersAsTheServerDoes(): void
    {
        $this->signIn('jointer');
        $desk = new Desk();
        $questions = ['' => '', ...array_fill_keys(array_keys(Bench::tools()), 'unit=in')];
        foreach ([...$questions, 'dew' => 'air=22.5&humidity=0.5&hat=1', 'hat' => ''] as $tool => $query) {
            $server = $this->call('GET', rtrim("/api/bench/$tool", '/')."?$query");
            $here = self::take($desk, ['do' => 'bench', 'tool' => $tool, 'query' => $query]);
            self::assertSame([$server->getStatusCode(), $server->getContent()], [$here['status'], self::body($here)], $tool);
        }
        self::assertSame(422, self::take($desk, ['do' => 'bench', 'tool' => 'dew', 'query' => 'air[]=12'])['status']);
    }

    #[Test]
    public function whateverIsSentIsAnswered(): void
    {
        $desk = new Desk();
        foreach (['', '{', '[]', '{"do":"dance"}', '{"do":"ask","job":"x"}', '{"do":"open","package":7}'] as $message) {
            self::assertContains(self::read($desk->take($message))['status'], [404, 422, 500], $message);
        }
        self::assertSame(['status' => 200], self::take($desk, ['do' => 'close', 'job' => 'never-opened']));
    }

    /** On a device there is no autoloader but its own: what it needs is where it looks. */
    #[Test]
    public function itRunsByItself(): void
    {
        $messages = [
            ['do' => 'open', 'package' => $this->package(), 'grown' => []], self::question('GET', '', null, 0),
            self::question('GET', '/kits', null, 0), ['do' => 'bench', 'tool' => 'fault', 'query' => ''],
        ];
        $alone = [\PHP_BINARY, '-n', '-d', 'extension=mbstring', '-d', 'extension=ctype'];
        $process = new Process([...$alone, \dirname(__DIR__, 2).'/bin/hand.php']);
        $lines = array_map(static fn (array $one): string => json_encode($one, \JSON_THROW_ON_ERROR)."\n", $messages);
        $process->setInput(implode('', $lines));
        $process->mustRun();
        $answers = array_map(self::read(...), explode("\n", trim($process->getOutput())));
        self::assertSame([200, 200, 200, 200], array_column($answers, 'status'));
        self::assertSame((string) $this->call('GET', self::JOB)->getContent(), self::body($answers[1]));
    }

    /** @return array<mixed> */
    private function package(): array
    {
        $this->signIn('jointer');
        $package = json_decode((string) $this->call('GET', self::JOB.'/package')->getContent(), true);
        self::assertIsArray($package);

        return $package;
    }

    /** @return array<mixed> */
    private static function ask(Desk $desk, string $method, string $path, mixed $body = null, int $version = 0): array
    {
        return self::take($desk, self::question($method, $path, $body, $version));
    }

    /** @return array<string, mixed> */
    private static function question(string $method, string $path, mixed $body, int $version): array
    {
        return [
            'do' => 'ask', 'job' => self::HALF_CUT, 'method' => $method, 'path' => self::JOB.$path, 'version' => $version, 'at' => self::AT,
            'page' => 1, 'body' => null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
        ];
    }

    /**
     * @param array<string, mixed> $message
     *
     * @return array<mixed>
     */
    private static function take(Desk $desk, array $message): array
    {
        return self::read($desk->take(json_encode($message, \JSON_THROW_ON_ERROR)));
    }

    /** @return array<mixed> */
    private static function read(string $answer): array
    {
        $read = json_decode($answer, true);
        self::assertIsArray($read);

        return $read;
    }

    /** @param array<mixed> $answer */
    private static function body(array $answer): string
    {
        self::assertIsString($answer['body']);

        return $answer['body'];
    }
}
