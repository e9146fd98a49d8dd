<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use App\UseCase\StoredEntry;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\ConnectorFitted;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

final class AppendOnlyTest extends KernelTestCase
{
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
