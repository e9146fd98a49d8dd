<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\UseCase\StoredEntry;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\ConnectorFitted;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

final class AppendOnlyTest extends KernelTestCase
{
    /** @return iterable<string, array{string}> */
    public static function tampering(): iterable
    {
        yield 'changing an entry' => ["UPDATE log_entry SET body = '{}'"];
        yield 'deleting an entry' => ['DELETE FROM log_entry'];
        yield 'emptying the log' => ['TRUNCATE log_entry'];
        yield 'changing a kit sheet' => ["UPDATE sheet SET title = 'other'"];
        yield 'deleting a cable type' => ["DELETE FROM sheet WHERE kind = 'cable'"];
    }

    #[Test]
    #[DataProvider('tampering')]
    public function theDatabaseItselfRefusesToChangeWhatWasWrittenDown(string $sql): void
    {
        $this->expectException(DriverException::class);
        $this->expectExceptionMessage('are never changed or deleted; add a new one instead');
        self::getContainer()->get(Connection::class)->executeStatement($sql);
    }

    #[Test]
    public function aChangedEntryBreaksTheChain(): void
    {
        $entry = static fn (string $batch): Entry => Entry::of(
            'id', 'somebody', new \DateTimeImmutable('2026-01-01T08:00:00Z'), new ConnectorFitted($batch),
        );
        $first = StoredEntry::after(null, $entry('B1'));
        $second = StoredEntry::after($first, $entry('B2'));
        self::assertTrue(StoredEntry::isUnbroken([$first, $second]));
        self::assertFalse(StoredEntry::isUnbroken([StoredEntry::kept($entry('forged'), 1, $first->hash), $second]));
        self::assertFalse(StoredEntry::isUnbroken([$second]), 'a missing entry breaks it too');
    }
}
