<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Link;
use Berm\Core\File\ChainFile;

/** A log entry with its place in the chain of its job; see Link for what its hash covers. */
final readonly class StoredEntry
{
    private function __construct(
        public Entry $entry,
        public int $sequence,
        public string $hash,
        public int $format,
        public string $sheets,
        /** Exactly as it was hashed. */
        public string $body,
    ) {
    }

    /** @param string $sheets as Link::hash has it */
    public static function after(?self $last, string $job, string $sheets, Entry $entry): self
    {
        $sequence = 1 + ($last->sequence ?? 0);
        $body = ChainFile::body($entry);

        return new self(
            $entry, $sequence, Link::hash(Link::FORMAT, $job, $sequence, $last->hash ?? '', $sheets, $body), Link::FORMAT, $sheets, $body,
        );
    }

    /** The order of lines is right; times are those of a clock, and clocks are put right. A minute is within what they drift. */
    public function isByAClockSetBackSince(?self $before): bool
    {
        return null !== $before && $before->entry->at > $this->entry->at->modify('+1 minute');
    }

    public static function kept(Entry $entry, int $sequence, string $hash, int $format, string $sheets, string $body): self
    {
        return new self($entry, $sequence, $hash, $format, $sheets, $body);
    }
}
