<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A backup made while people write, restored elsewhere, is what they had written; no other file is restored. */
final class BackupTest extends TestCase
{
    private static Instance $berm;
    private static string $file;

    public static function setUpBeforeClass(): void
    {
        self::$berm = Instance::in('backed-up')->filled();
        self::$berm->berm('start');
        self::$file = Instance::scratch('backup.zip');
    }

    public static function tearDownAfterClass(): void
    {
        self::$berm->berm('stop');
    }

    #[Test]
    public function whatWasWrittenIsThereAgainElsewhere(): void
    {
        $entries = new Entries(self::$berm->visitor('jointer'));
        $entries->write();
        $first = $entries->acknowledged;
        $backup = self::$berm->process('backup', self::$file);
        $backup->start();
        while ($backup->isRunning()) {
            self::assertSame(201, $entries->write()->status, 'nothing stops meanwhile');
        }
        self::assertSame(0, $backup->getExitCode(), $backup->getErrorOutput());
        self::assertSame('600', substr(\sprintf('%o', (int) fileperms(self::$file)), -3));
        self::assertStringContainsString(self::$file, self::$berm->berm('status'));
        self::assertStringContainsString('is there already', self::$berm->refused('backup', self::$file));

        $other = Instance::in('restored');
        Instance::run('rm', '-rf', (string) $other->state);
        $noted = explode('outside: ', self::$berm->berm('verify'))[1];
        $said = $other->berm('restore', self::$file);
        try {
            self::assertSame(200, $other->answer(), $said);
            $logs = 'SELECT job_id, sequence, hash FROM log_entry ORDER BY job_id, sequence';
            $there = explode("\n", $other->query($logs));
            self::assertSame([], array_diff($there, explode("\n", self::$berm->query($logs))), 'as they were');
            self::assertStringContainsString($first[0], $other->query('SELECT id FROM log_entry'));
            self::assertSame(
                self::$berm->query('SELECT md5(string_agg(digest, $$$$ ORDER BY kind, sheet_id, revision)) FROM sheet'),
                $other->query('SELECT md5(string_agg(digest, $$$$ ORDER BY kind, sheet_id, revision)) FROM sheet'),
            );
            self::assertSame(
                self::$berm->query('SELECT string_agg(password_hash, $$ $$ ORDER BY name) FROM person'),
                $other->query('SELECT string_agg(password_hash, $$ $$ ORDER BY name) FROM person'),
            );
            self::assertStringContainsString('as they were written', $other->berm('verify'));
            self::assertStringContainsString('was noted down', $other->refused('verify', trim(substr($noted, 0, -10)).'0000000000'));
            self::assertStringContainsString('Berm is running already', $other->berm('start'));
            self::assertStringContainsString('restore into an empty state folder', $other->refused('restore', self::$file));
        } finally {
            $other->berm('stop');
        }
    }

    #[Test]
    public function aDamagedOrForeignFileIsRefusedBeforeAnythingIsTouched(): void
    {
        $other = Instance::in('not-restored');
        if (!is_file(self::$file)) {
            self::$berm->berm('backup', self::$file);
        }
        $whole = (string) file_get_contents(self::$file);
        $bad = Instance::scratch('bad.zip');
        $files = [
            'no backup of Berm' => 'a text',
            'or the end of it is missing' => substr($whole, 0, intdiv(\strlen($whole), 2)),
            'damaged' => substr_replace($whole, strrev(substr($whole, 40_000, 60)), 40_000, 60),
            'a zip of something else' => self::zip(['other.txt' => 'x']),
            'its manifest is not sound' => self::zip(['manifest.json' => '{"format": "berm-backup"}']),
            'newer Berm' => $this->changed('"schema": "[^"]+"', '"schema": "DoctrineMigrations\\\\\\\\Version29990101000000"'),
            'the table pg_authid is damaged' => $this->changed('"name": "job_crew"', '"name": "pg_authid"'),
            'is damaged' => $this->changed('("sha256": ")..', '${1}00'),
        ];
        foreach ($files as $told => $content) {
            file_put_contents($bad, $content);
            self::assertStringContainsString($told, $other->refused('restore', $bad));
            self::assertFileDoesNotExist("$other->state/pg");
        }
        self::assertStringContainsString('cannot be read', $other->refused('restore', '/nowhere/at-all.zip'));
    }

    /** @param array<string, string> $entries */
    private static function zip(array $entries, ?string $from = null): string
    {
        $path = Instance::scratch('made.zip');
        null === $from ? @unlink($path) : copy($from, $path);
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE);
        foreach ($entries as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return (string) file_get_contents($path);
    }

    private function changed(string $pattern, string $to): string
    {
        $zip = new \ZipArchive();
        $zip->open(self::$file);
        $manifest = (string) preg_replace("/$pattern/", $to, (string) $zip->getFromName('manifest.json'), 1);
        $zip->close();

        return self::zip(['manifest.json' => $manifest], self::$file);
    }
}
