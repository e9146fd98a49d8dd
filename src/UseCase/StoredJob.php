<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Entry;
use Berm\Core\Kit\AccessoryFunction;

/** A job as it is kept: its plan in one version, and its log. */
final readonly class StoredJob
{
    /** @param list<StoredEntry> $log in the order in which it was written */
    public function __construct(
        public string $id,
        public string $name,
        public AccessoryFunction $function,
        public PlanDraft $draft,
        public int $version,
        public array $log,
        public \DateTimeImmutable $changedAt,
    ) {
    }

    public function lastEntry(): ?StoredEntry
    {
        return [] === $this->log ? null : $this->log[\count($this->log) - 1];
    }

    public function has(string $entryId): bool
    {
        return [] !== array_filter($this->log, static fn (StoredEntry $line): bool => $line->entry->id === $entryId);
    }

    /** Changes whenever anything about the job does. */
    public function stamp(): string
    {
        return $this->version.'.'.($this->lastEntry()->hash ?? '');
    }

    /** Others wrote what had not reached this person. @param int|null $heard how many lines had; null: all of them */
    public function missed(?int $heard, string $by): bool
    {
        $since = null === $heard ? [] : \array_slice($this->log, $heard);

        return [] !== array_filter($since, static fn (StoredEntry $line): bool => $line->entry->by !== $by);
    }

    public function replanned(PlanDraft $draft, int $version, \DateTimeImmutable $at): self
    {
        return new self($this->id, $this->name, $this->function, $draft, $version, $this->log, $at);
    }

    /**
     * With one more line in its log, in its place in the chain.
     *
     * @param string $sheets what it rests on; see Link::hash
     */
    public function with(Entry $entry, string $sheets): self
    {
        $log = [...$this->log, StoredEntry::after($this->lastEntry(), $this->id, $sheets, $entry)];

        return new self($this->id, $this->name, $this->function, $this->draft, $this->version, $log, $entry->at);
    }
}
