<?php

declare(strict_types=1);

namespace App\Tests\Fuzz;

use App\Tests\Journey\Answer;
use App\Tests\Journey\Visitor;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Whatever is sent to whatever operation by whomever: it is answered, in words, and nothing else changes. What may be changed is: it comes
 * after the journeys, which share its demo. As many as BERM_FUZZ says by ./berm fuzz.
 */
final class FuzzTest extends TestCase
{
    private const SEED = 20261127;
    private const AT_ONCE = 6;
    private const TABLES = ['person', 'sheet', 'job', 'job_crew', 'kit_draft', 'box', 'tool', 'log_entry'];
    /** What nobody ever changes, whoever asks. */
    private const FOR_GOOD = ['sheet', 'log_entry'];

    private const PEOPLE = "SELECT md5(row::text) FROM person row
        WHERE name IN ('jointer', 'engineer', 'checker', 'storekeeper', 'trainer', 'administrator') ORDER BY name";

    /** @var array<string, int> answers by status */
    private array $statuses = [];

    #[Test]
    public function everythingIsAnsweredAndNothingElseChanges(): void
    {
        mt_srand(self::SEED);
        $count = max(1500, (int) getenv('BERM_FUZZ'));
        $logged = \strlen(self::logs());
        $readers = [Visitor::of('trainer'), Visitor::nobody()];
        $before = $this->tables(self::TABLES);
        $this->send($readers, intdiv($count, 3));
        self::assertSame($before, $this->tables(self::TABLES), 'who only reads changes nothing');

        $writers = array_map(Visitor::of(...), ['jointer', 'engineer', 'checker', 'storekeeper', 'administrator']);
        $writers[4]->ask('POST', '/api/people', ['name' => 'victim', 'shownAs' => 'Somebody Else', 'role' => 'jointer']);
        [$rows, $people] = [$this->rows(self::FOR_GOOD), $this->query(self::PEOPLE)];
        $this->send($writers, $count - intdiv($count, 3));
        self::assertSame([], array_diff($rows, $this->rows(self::FOR_GOOD)), 'what was written stays as it was');
        self::assertSame($people, $this->query(self::PEOPLE), 'nobody is another one than before');

        fwrite(\STDERR, "\nfuzz: $count requests, seed ".self::SEED.': '.json_encode($this->statuses)."\n");
        self::assertGreaterThan($count / 50, $this->statuses['2xx'] ?? 0, 'much of it is taken');
        self::assertDoesNotMatchRegularExpression('/PHP (Warning|Notice|Deprecated|Fatal)|CRITICAL/', substr(self::logs(), $logged));
        self::assertSame(200, Visitor::of('jointer')->ask('GET', '/api/jobs')->status);
    }

    /** @param non-empty-list<Visitor> $visitors */
    private function send(array $visitors, int $count): void
    {
        $operations = Operation::all();
        for ($sent = 0; $sent < $count; $sent += self::AT_ONCE) {
            $visitor = Values::one($visitors);
            $questions = array_map(static fn (): array => self::question(Values::one($operations)), range(1, self::AT_ONCE));
            foreach ($visitor->atOnce($questions) as $i => $answer) {
                $this->hold($questions[$i], $answer);
            }
        }
    }

    /** @param array{0: string, 1: string, 2?: mixed, 3?: array<string, string>} $question */
    private function hold(array $question, Answer $answer): void
    {
        $asked = mb_strimwidth("$question[0] $question[1]", 0, 300).' '.mb_strimwidth(
            (string) json_encode($question[2] ?? null, \JSON_INVALID_UTF8_SUBSTITUTE), 0, 600,
        ).' answers '.$answer->body;
        self::assertGreaterThan(0, $answer->status, $asked);
        self::assertLessThan(500, $answer->status, $asked);
        if ($answer->status >= 400) {
            self::assertIsString($answer->at('detail'), $asked);
        }
        $class = intdiv($answer->status, 100).'xx';
        $this->statuses[$class] = 1 + ($this->statuses[$class] ?? 0);
    }

    /** @return array{0: string, 1: string, 2: mixed, 3: array<string, string>} */
    private static function question(Operation $operation): array
    {
        // Whoever signs out or changes their password is gone for the rest of it: that is tried by itself.
        if ('/api/session' === $operation->path || '/api/own-password' === $operation->path) {
            return ['GET', '/api/session', null, []];
        }
        $path = (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $is): string => Values::inPath($is[1]), $operation->path);
        $query = [];
        foreach ($operation->parameters as $parameter) {
            if ('query' === ($parameter['in'] ?? null) && \is_string($parameter['name'] ?? null) && Values::chance(50)) {
                $query[] = $parameter['name'].'='.Values::inQuery();
            }
        }
        $headers = Values::chance(80) ? ['If-Match' => Values::one(['"1"', '"2"', '"0"', '"99999999999"', 'x', '*'])] : [];

        return [
            $operation->method, $path.([] === $query ? '' : '?'.implode('&', $query)),
            null === $operation->body ? null : Values::body($operation->body), $headers,
        ];
    }

    /**
     * @param list<string> $tables
     *
     * @return array<string, string> a digest of each
     */
    private function tables(array $tables): array
    {
        return array_combine($tables, array_map(
            fn (string $table): string => $this->query(
                "SELECT md5(string_agg(row::text, ' ' ORDER BY row::text)) FROM $table row",
            )[0] ?? '', $tables,
        ));
    }

    /**
     * @param list<string> $tables
     *
     * @return list<string> a digest of each row
     */
    private function rows(array $tables): array
    {
        return array_merge(...array_map(fn (string $table): array => $this->query("SELECT md5(row::text) FROM $table row"), $tables));
    }

    /** @return list<string> */
    private function query(string $sql): array
    {
        $connection = DriverManager::getConnection(
            (new DsnParser(['postgresql' => 'pdo_pgsql']))->parse((string) getenv('BERM_READER_URL')),
        );

        return array_map(
            static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '', $connection->fetchFirstColumn($sql),
        );
    }

    private static function logs(): string
    {
        $files = glob(getenv('BERM_LOGS').'/*.log');

        return implode(
            '', array_map(static fn (string $file): string => (string) file_get_contents($file), false === $files ? [] : $files),
        );
    }
}
