<?php

declare(strict_types=1);

namespace App\Persistence\Backup;

use App\UseCase\Backup\BackupContents;
use App\UseCase\Backup\BackupTable;
use App\UseCase\Backup\BadBackup;
use App\UseCase\Chain\Head;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\MomentFile;

/**
 * A backup as a zip: manifest.json says what is in it, and each table is a text file of tab-separated lines, as PostgreSQL's COPY writes
 * them. See docs/formats/backup.md.
 */
final class BackupFile
{
    private const FORMAT = 'berm-backup';
    private const MANIFEST = 'manifest.json';

    /** @param array<string, string> $files paths of the tables' files by name */
    public static function write(string $path, BackupContents $contents, array $files): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException("The backup cannot be written to $path.");
        }
        $zip->addFromString(self::MANIFEST, json_encode(self::manifest($contents), \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT));
        foreach ($files as $name => $file) {
            $zip->addFile($file, self::entry($name));
        }
        if (!$zip->close()) {
            throw new \RuntimeException("The backup could not be written whole to $path: is the disk full?");
        }
    }

    /** Every table is read through and held against what the manifest says of it. @throws BadBackup */
    public static function read(string $path): BackupContents
    {
        $zip = self::open($path);
        $text = $zip->getFromName(self::MANIFEST);
        if (false === $text) {
            throw BadBackup::because('it is a zip of something else');
        }
        try {
            $contents = Fields::readText($text, self::contents(...));
        } catch (BadDocument $bad) {
            $first = $bad->problems[0];
            throw BadBackup::because("its manifest is not sound ($first->path $first->message)");
        }
        foreach ($contents->tables as $table) {
            self::ensureWhole($zip, $table);
        }

        return $contents;
    }

    /** One table's lines, into a file. @throws BadBackup */
    public static function unpack(string $path, BackupTable $table, string $to): void
    {
        // Held until its stream is read.
        $zip = self::open($path);
        $from = $zip->getStream(self::entry($table->name));
        if (false === $from || false === file_put_contents($to, $from)) {
            throw BadBackup::because("the table $table->name cannot be unpacked");
        }
    }

    private static function open(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();

        return true === $zip->open($path, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS) ? $zip : throw BadBackup::because(
            'it is no backup of Berm, or the end of it is missing',
        );
    }

    private static function ensureWhole(\ZipArchive $zip, BackupTable $table): void
    {
        $stream = $zip->getStream(self::entry($table->name));
        $hash = hash_init('sha256');
        if (false === $stream || hash_update_stream($hash, $stream) < 0 || !hash_equals($table->sha256, hash_final($hash))) {
            throw BadBackup::because("the table $table->name is damaged");
        }
    }

    private static function entry(string $table): string
    {
        return "tables/$table.tsv";
    }

    /** @return array<string, mixed> */
    private static function manifest(BackupContents $contents): array
    {
        return [
            'format' => self::FORMAT, 'version' => 1, 'madeAt' => MomentFile::write($contents->madeAt), 'schema' => $contents->schema,
            'keys' => $contents->keys,
            'heads' => array_map(
                static fn (Head $head): array => [
                    'job' => $head->job, 'lines' => $head->lines, 'hash' => $head->hash,
                ], array_values($contents->heads),
            ),
            'tables' => array_map(static fn (BackupTable $table): array => [
                'name' => $table->name, 'columns' => $table->columns, 'rows' => $table->rows, 'sha256' => $table->sha256,
            ], $contents->tables),
        ];
    }

    private static function contents(Fields $file): BackupContents
    {
        if (self::FORMAT !== $file->text('format', 40)) {
            $file->problem('format', 'is not that of a backup.');
        }
        $file->integer('version', 1, 1);
        $heads = $file->list('heads', static fn (Fields $head): Head => new Head(
            $head->text('job', 40), $head->integer('lines', 1, 1_000_000_000), $head->text('hash', 64),
        ));
        $tables = $file->list('tables', static fn (Fields $table): BackupTable => new BackupTable(
            $table->text('name', 40), $table->texts('columns', 60), $table->integer('rows', 0, \PHP_INT_MAX), $table->text('sha256', 64),
        ));

        return new BackupContents(
            MomentFile::read($file, 'madeAt'), $file->text('schema', 200), $file->texts('keys', 64),
            array_combine(array_map(static fn (Head $head): string => $head->job, $heads), $heads), $tables,
        );
    }
}
