<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\Tests\Http\ApiTestCase;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\Attributes\Test;

/**
 * A database that the version before the second edition made: its 21 kit sheets, its jobs and their logs, as it dumped them.
 *
 * What is stored is never rewritten. It is read into the second edition, and comes to the same marks as before.
 */
final class BeforeTheSecondEditionTest extends ApiTestCase
{
    private const DUMP = __DIR__.'/fixtures/before-the-second-edition.sql.gz';

    /** Marks from the cable end in mm, as the version before answered them. */
    private const MARKS = [
        '019aa100-0000-7000-8000-000000000001' => [
            248, 212, 164, 56, 248, 212, 164, 56,
        ],
        '019aa100-0000-7000-8000-000000000002' => [
            248, 212, 164, 56, 248, 212, 164, 56,
        ],
        '019aa100-0000-7000-8000-000000000003' => [
            244.475, 206.375, 155.575, 47.625, 244.475, 206.375, 155.575, 47.625,
        ],
        '019aa100-0000-7000-8000-000000000004' => [
            268, 230, 178, 66, 268, 230, 178, 66,
        ],
        '019aa100-0000-7000-8000-000000000007' => [
            1010, 955, 920, 223, 223, 223, 178, 178, 178, 63, 63, 63, 520, 465, 430, 223, 223, 223, 178, 178, 178, 63, 63, 63,
        ],
    ];

    /** How many tasks are open, of how many: what is built stays as it was, on the others the looks of their kind are asked now. */
    private const OPEN = [
        '019aa100-0000-7000-8000-000000000001' => [0, 13], '019aa100-0000-7000-8000-000000000002' => [30, 37],
        '019aa100-0000-7000-8000-000000000003' => [37, 37], '019aa100-0000-7000-8000-000000000004' => [37, 37],
        // 34 of 81, and the work of its stages: what is finished counts as done, and 17 of 18 pieces are still to come.
        '019aa100-0000-7000-8000-000000000007' => [51, 99],
    ];

    private static Connection $owner;

    /** In a schema of its own, beside the demo. */
    public static function setUpBeforeClass(): void
    {
        self::$owner = DriverManager::getConnection(
            (new DsnParser(['postgresql' => 'pdo_pgsql']))->parse((string) getenv('BERM_OWNER_URL')),
        );
        self::$owner->executeStatement('DROP SCHEMA IF EXISTS before CASCADE; CREATE SCHEMA before');
        foreach (['sheet', 'job', 'log_entry', 'job_crew'] as $table) {
            self::$owner->executeStatement("CREATE TABLE before.$table (LIKE public.$table INCLUDING ALL)");
        }
        self::$owner->executeStatement((string) gzdecode((string) file_get_contents(self::DUMP)));
        self::$owner->executeStatement('GRANT USAGE ON SCHEMA before TO berm_app; GRANT SELECT ON ALL TABLES IN SCHEMA before TO berm_app');
    }

    protected function setUp(): void
    {
        parent::setUp();
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);
        $connection->executeStatement('SET LOCAL search_path TO before, public');
    }

    #[Test]
    public function everySheetIsReadAndWouldBeWrittenAsItStands(): void
    {
        $sheets = self::$owner->fetchAllKeyValue("SELECT sheet_id, body FROM before.sheet WHERE kind = 'kit'");
        self::assertCount(21, $sheets);
        foreach ($sheets as $id => $body) {
            self::assertIsString($body);
            $sheet = Fields::readText($body, KitSheetFile::read(...));
            self::assertSame(1, $sheet->edition, (string) $id);
            $written = json_decode((string) json_encode(KitSheetFile::write($sheet)), true);
            self::assertEquals(json_decode($body, true), $written, (string) $id);
        }
    }

    #[Test]
    public function everyJobIsPlannedAsItWasAndNothingOfItIsTouched(): void
    {
        $before = self::stored();
        $this->signIn('jointer');
        foreach (self::$owner->fetchFirstColumn('SELECT id FROM before.job ORDER BY id') as $id) {
            self::assertIsString($id);
            $job = $this->call('GET', "/api/jobs/$id");
            self::assertSame(200, $job->getStatusCode());
            self::assertTrue(self::at($this->call('GET', "/api/jobs/$id/chain"), 'unbroken'), $id);
            if (isset(self::MARKS[$id])) {
                self::assertSame(self::OPEN[$id], [self::at($job, 'completion.open'), self::at($job, 'completion.all')], $id);
                $marks = array_keys((array) self::at($job, 'markOut.marks'));
                self::assertEquals(self::MARKS[$id], array_map(
                    static fn (int|string $i): mixed => self::at($job, "markOut.marks.$i.from.cable-end.atMm"), $marks,
                ), $id);
            }
        }
        self::assertSame($before, self::stored());
    }

    /** @return list<mixed> a digest of each row */
    private static function stored(): array
    {
        return self::$owner->fetchFirstColumn(<<<'SQL'
            SELECT md5(t::text) FROM before.sheet t UNION ALL SELECT md5(t::text) FROM before.job t
            UNION ALL SELECT md5(t::text) FROM before.log_entry t ORDER BY 1
            SQL);
    }
}
