<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Entry;
use Berm\Core\File\LogFile;

/** A log entry with its place in the chain: each hash covers the entry and the hash before it, so a change would show. */
final readonly class StoredEntry
{
    private function __construct(public Entry $entry, public int $sequence, public string $hash)
    {
    }

    public static function after(?self $last, Entry $entry): self
    {
        return new self($entry, 1 + ($last->sequence ?? 0), self::hash($last->hash ?? '', $entry));
    }

    public static function kept(Entry $entry, int $sequence, string $hash): self
    {
        return new self($entry, $sequence, $hash);
    }

    /** @param list<self> $log */
    public static function isUnbroken(array $log): bool
    {
        $last = null;
        foreach ($log as $stored) {
            if ($stored->hash !== self::after($last, $stored->entry)->hash) {
                return false;
            }
            $last = $stored;
        }

        return true;
    }

    private static function hash(string $before, Entry $entry): string
    {
        return hash(
            'sha256',
            $before."\n".json_encode(LogFile::writeEntry($entry), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES),
        );
    }
}
