<?php

declare(strict_types=1);

namespace App\Persistence\Backup;

use App\Persistence\Stored;
use App\UseCase\Backup\BackupContents;
use App\UseCase\Backup\Backups;
use App\UseCase\Backup\BackupTable;
use App\UseCase\Backup\BadBackup;
use App\UseCase\Chain\VerifyChains;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

final readonly class PostgresBackups implements Backups
{
    /** All that was entered, in an order in which each row finds what it refers to. Sessions are keys to the door and stay behind it. */
    private const TABLES = [
        'person', 'sheet', 'sheet_check', 'job', 'job_crew', 'kit_draft', 'box', 'tool', 'log_entry', 'head_list', 'picture',
        'sheet_withdrawal',
    ];

    /** What a backup from before it was there lacks. */
    private const LATER = ['picture', 'sheet_withdrawal'];

    /** @param list<string> $keys */
    public function __construct(
        private Connection $connection, private VerifyChains $verify, private ClockInterface $clock, private string $migrations,
        private array $keys,
    ) {
    }

    public function make(string $file): BackupContents
    {
        $folder = self::folder();
        try {
            $this->connection->executeStatement('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
            $tables = $files = [];
            foreach (self::TABLES as $table) {
                $files[$table] = "$folder/$table";
                $tables[] = $this->copy($table, $files[$table]);
            }
            $contents = new BackupContents($this->clock->now(), $this->schema(), $this->keys, ($this->verify)()->heads, $tables);
            $this->connection->executeStatement('COMMIT');
            BackupFile::write($file, $contents, $files);

            return $contents;
        } finally {
            self::remove($folder);
        }
    }

    public function read(string $file): BackupContents
    {
        $contents = BackupFile::read($file);
        $names = array_map(static fn (BackupTable $table): string => $table->name, $contents->tables);
        if (self::TABLES !== $names && array_values(array_diff(self::TABLES, self::LATER)) !== $names) {
            throw BadBackup::because('its tables are not those of Berm');
        }
        $known = array_map(
            static fn (mixed $path): string => 'DoctrineMigrations\\'.basename(\is_string($path) ? $path : '', '.php'),
            (array) glob("$this->migrations/Version*.php"),
        );
        if (!\in_array($contents->schema, $known, true)) {
            throw BadBackup::because('it was made by a newer Berm: install that first');
        }

        return $contents;
    }

    public function restore(string $file): BackupContents
    {
        $contents = $this->read($file);
        $folder = self::folder();
        try {
            $this->connection->beginTransaction();
            foreach ($contents->tables as $table) {
                BackupFile::unpack($file, $table, "$folder/$table->name");
                $this->load($table, "$folder/$table->name");
            }
            $this->ensureSame($contents);
            $this->connection->commit();

            return $contents;
        } finally {
            if ($this->connection->isTransactionActive()) {
                $this->connection->rollBack();
            }
            self::remove($folder);
        }
    }

    /** The logs are what they were when the backup was made, to the last hash. */
    private function ensureSame(BackupContents $contents): void
    {
        $report = ($this->verify)();
        foreach ($report->faults as $fault) {
            // What the lists were signed by is known here only once it is restored.
            if (null !== $fault->job) {
                throw BadBackup::because('its logs are not sound ('.$fault->inWords().')');
            }
        }
        foreach ([...$report->heads, ...$contents->heads] as $head) {
            if (!$head->equals($report->heads[$head->job] ?? null) || !$head->equals($contents->heads[$head->job] ?? null)) {
                throw BadBackup::because('its logs do not end as it says');
            }
        }
    }

    private function copy(string $table, string $to): BackupTable
    {
        $columns = $this->columns($table);
        if (!$this->pdo()->pgsqlCopyToFile($table, $to, "\t", '\\\\N', implode(',', $columns))) {
            throw new \RuntimeException("The table $table could not be copied.");
        }
        $rows = $this->connection->fetchOne("SELECT COUNT(*) FROM $table");

        return new BackupTable($table, $columns, \is_int($rows) ? $rows : 0, (string) hash_file('sha256', $to));
    }

    private function load(BackupTable $table, string $from): void
    {
        if ([] !== array_diff($table->columns, $this->columns($table->name))) {
            throw BadBackup::because("the table $table->name has other columns");
        }
        if (0 !== $this->connection->fetchOne("SELECT COUNT(*) FROM $table->name")) {
            throw BadBackup::because("there is something in the table $table->name already");
        }
        if (!$this->pdo()->pgsqlCopyFromFile($table->name, $from, "\t", '\\\\N', implode(',', $table->columns))) {
            throw BadBackup::because("the table $table->name cannot be taken in");
        }
        if ($table->rows !== $this->connection->fetchOne("SELECT COUNT(*) FROM $table->name")) {
            throw BadBackup::because("the table $table->name has not the rows that it should");
        }
    }

    /** @return list<string> */
    private function columns(string $table): array
    {
        return array_map(Stored::text(...), $this->connection->fetchFirstColumn(
            "SELECT column_name::text FROM information_schema.columns WHERE table_schema = 'public' AND table_name = ?
             ORDER BY ordinal_position",
            [$table],
        ));
    }

    private function schema(): string
    {
        return Stored::text($this->connection->fetchOne('SELECT version FROM doctrine_migration_versions ORDER BY version DESC LIMIT 1'));
    }

    private function pdo(): \PDO
    {
        $native = $this->connection->getNativeConnection();

        return $native instanceof \PDO ? $native : throw new \LogicException('PostgreSQL is spoken to by PDO');
    }

    private static function folder(): string
    {
        $folder = sys_get_temp_dir().'/berm-backup-'.bin2hex(random_bytes(8));
        mkdir($folder, 0o700);

        return $folder;
    }

    private static function remove(string $folder): void
    {
        $files = glob("$folder/*");
        array_map(unlink(...), false === $files ? [] : $files);
        rmdir($folder);
    }
}
