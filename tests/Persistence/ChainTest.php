<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\Persistence\DoctrineChainLines;
use App\Persistence\DoctrineHeadLists;
use App\UseCase\Chain\ChainFault;
use App\UseCase\Chain\ChainReport;
use App\UseCase\Chain\GatherHeads;
use App\UseCase\Chain\VerifyChains;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\NativeClock;

/** Whoever owns the database can change anything in it, triggers off and all: it is noticed. */
final class ChainTest extends TestCase
{
    private const SEED = '4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb';
    /** Of this seed: RFC 8032, 7.1, test 2. */
    private const KEY = '3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c';
    private const JOB = '019aa100-0000-7000-8000-000000000001';
    private const OTHER = '019aa100-0000-7000-8000-000000000002';

    private Connection $owner;

    protected function setUp(): void
    {
        $this->owner = DriverManager::getConnection(
            (new DsnParser(['postgresql' => 'pdo_pgsql']))->parse((string) getenv('BERM_OWNER_URL')),
        );
        $this->owner->beginTransaction();
        foreach (['log_entry', 'sheet', 'head_list'] as $table) {
            $this->owner->executeStatement("ALTER TABLE $table DISABLE TRIGGER USER");
        }
    }

    protected function tearDown(): void
    {
        $this->owner->rollBack();
    }

    #[Test]
    public function whatNobodyTouchedIsSoundAndItsHeadsAreSignedOnce(): void
    {
        $report = $this->report();
        self::assertSame([], $this->told($report));
        self::assertGreaterThan(50, $report->lines());
        $first = $this->gather();
        self::assertSame([1, self::KEY], [$this->report()->newest?->number, $this->report()->newest?->key]);
        self::assertSame($first, $this->gather(), 'nothing was written since');
        self::assertSame([], $this->told($this->report(noted: $first)));
        self::assertSame([], $this->told($this->report(noted: substr($first, 0, 18))), 'as much of it as one notes down');
        self::assertSame(
            ['No list of heads has the line that was noted down: the lists were cut off or written anew.'],
            $this->told($this->report(noted: '1 3d4017c3')),
        );
    }

    /** @return iterable<string, array{string, string}> what is done, and what is told of it */
    public static function tampering(): iterable
    {
        $of = static fn (string $job): string => "job_id = '$job'";
        $log = $of(self::JOB);
        yield 'an entry changed' => [
            "UPDATE log_entry SET body = REPLACE(body, '248', '249') WHERE $log AND sequence = 10", 'line 10 is not what was written there',
        ];
        yield 'an entry deleted' => ["DELETE FROM log_entry WHERE $log AND sequence = 3", 'line 4 does not follow line 2'];
        yield 'the end cut off' => ["DELETE FROM log_entry WHERE $log AND sequence > 5", '5 are there: the end is cut off'];
        yield 'a log emptied' => ["DELETE FROM log_entry WHERE $log", '0 are there: the end is cut off'];
        yield 'a log moved to another job' => [
            "DELETE FROM log_entry WHERE {$of(self::OTHER)}; UPDATE log_entry SET job_id = '".self::OTHER."' WHERE $log",
            'line 1 is not what was written there',
        ];
        yield 'two lines changed about' => [
            "UPDATE log_entry SET sequence = -sequence WHERE $log AND sequence IN (4, 5); UPDATE log_entry SET sequence = 9 + sequence
             WHERE $log AND sequence < 0",
            'line 4 is not what was written there',
        ];
        yield 'the beginning cut off and renumbered' => [
            "DELETE FROM log_entry WHERE $log AND sequence = 1; UPDATE log_entry SET sequence = -sequence WHERE $log; UPDATE log_entry
             SET sequence = -sequence - 1 WHERE $log",
            'line 1 is not what was written there',
        ];
        yield 'an entry kept under another id' => [
            "UPDATE log_entry SET id = '019aa1ff-0000-7000-8000-0000000000ff' WHERE $log AND sequence = 2",
            'line 2 is kept under another id than its own',
        ];
        yield 'what it rested on said to be something else' => [
            "UPDATE log_entry SET sheets = REPLACE(sheets, 'kit ', 'kit x') WHERE $log AND sequence = 2",
            'line 2 is not what was written there',
        ];
        yield 'a pinned sheet changed' => [
            "UPDATE sheet SET body = jsonb_set(body, '{maker}', '\"Somebody\"') WHERE kind = 'connector'",
            'does not say any more what it said',
        ];
        yield 'a pinned sheet and its digest changed' => [
            "UPDATE sheet SET body = jsonb_set(body, '{maker}', '\"Somebody\"'), digest = encode(sha256(convert_to(jsonb_set(body, '{maker}', '\"Somebody\"')::text, 'UTF8')), 'hex') WHERE kind = 'kit'",
            'does not say any more what it said',
        ];
        yield 'the lists deleted' => ['DELETE FROM head_list', 'No list of heads has the line that was noted down'];
        yield 'a list changed' => [
            "UPDATE head_list SET text = REPLACE(text, '".self::JOB."', '".self::OTHER."')", 'List 1 of heads is missing, or was changed',
        ];
        yield 'a list signed by somebody else' => [
            "UPDATE head_list SET key = 'd75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a'",
            'List 1 of heads is missing, or was changed, or not signed here',
        ];
    }

    #[Test]
    #[DataProvider('tampering')]
    public function itIsNoticed(string $sql, string $told): void
    {
        $noted = $this->gather();
        $this->owner->executeStatement($sql);
        $report = $this->report(noted: $noted);
        self::assertStringContainsString($told, implode("\n", $this->told($report)));
        self::assertSame(
            $report->newest, (new GatherHeads(new DoctrineHeadLists($this->owner), new NativeClock()))($report, self::SEED),
            'and never signed',
        );
    }

    /** Every hash is worked out anew by whoever knows how: only the signed list tells. */
    #[Test]
    public function aLogThatWasWrittenAnewWithRightHashesIsNoticed(): void
    {
        $noted = $this->gather();
        $before = '';
        foreach ($this->owner->fetchAllAssociative('SELECT * FROM log_entry WHERE job_id = ? ORDER BY sequence', [self::JOB]) as $row) {
            $text = static fn (string $key): string => \is_scalar($row[$key]) ? (string) $row[$key] : '';
            $body = str_replace('"steel-rule"', '"tape"', $text('body'));
            $before = hash('sha256', "berm entry 2\n{$text('job_id')}\n{$text('sequence')}\n$before\n{$text('sheets')}\n\n$body");
            $this->owner->executeStatement('UPDATE log_entry SET body = ?, hash = ? WHERE id = ?', [$body, $before, $text('id')]);
        }
        $told = $this->told($this->report(noted: $noted));
        self::assertCount(1, $told);
        self::assertStringContainsString('is not the one that was signed: the log was written anew', $told[0]);
        $this->owner->executeStatement('DELETE FROM head_list');
        self::assertSame([], $this->told($this->report()), 'without lists, and without a line noted down, nobody could tell');
    }

    #[Test]
    public function onlyWhatIsNewGoesIntoTheNextList(): void
    {
        $first = $this->gather();
        $this->owner->executeStatement(
            'INSERT INTO log_entry (id, job_id, sequence, body, hash, format, sheets)
             SELECT ?, job_id, sequence + 1, body, hash, format, sheets FROM log_entry WHERE job_id = ? ORDER BY sequence DESC LIMIT 1', [
                '019aa1ff-0000-7000-8000-0000000000fe', self::OTHER,
            ]);
        self::assertNotSame([], $this->told($this->report()), 'a line that is only a copy');
        $line = $this->owner->fetchAssociative('SELECT * FROM log_entry WHERE id = ?', ['019aa1ff-0000-7000-8000-0000000000fe']);
        self::assertIsArray($line);
        $text = static fn (string $key): string => \is_scalar($line[$key]) ? (string) $line[$key] : '';
        $body = (string) preg_replace('/"id":"[^"]+"/', '"id":"019aa1ff-0000-7000-8000-0000000000fe"', $text('body'), 1);
        $hash = hash('sha256', "berm entry 2\n".self::OTHER."\n{$text('sequence')}\n{$text('hash')}\n{$text('sheets')}\n\n$body");
        $this->owner->executeStatement(
            'UPDATE log_entry SET body = ?, hash = ? WHERE id = ?', [$body, $hash, '019aa1ff-0000-7000-8000-0000000000fe'],
        );
        self::assertSame([], $this->told($this->report()));
        $second = $this->gather();
        self::assertStringStartsWith('2 ', $second);
        $newest = $this->report()->newest;
        self::assertSame([self::OTHER], array_map(static fn ($head): string => $head->job, $newest->heads ?? []));
        self::assertSame([], $this->told($this->report(noted: $first)), 'an older line stands in the chain of lists');
        $this->owner->executeStatement('DELETE FROM head_list WHERE number = 1');
        self::assertStringContainsString('List 1 of heads is missing', implode('', $this->told($this->report())));
    }

    private function gather(): string
    {
        $list = (new GatherHeads(new DoctrineHeadLists($this->owner), new NativeClock()))($this->report(), self::SEED);

        return $list?->line() ?? '';
    }

    private function report(string $noted = ''): ChainReport
    {
        return (new VerifyChains(new DoctrineChainLines($this->owner), new DoctrineHeadLists($this->owner), [self::KEY]))(null, $noted);
    }

    /** @return list<string> */
    private function told(ChainReport $report): array
    {
        return array_map(static fn (ChainFault $fault): string => $fault->told, $report->faults);
    }
}
