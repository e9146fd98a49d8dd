<?php

declare(strict_types=1);

namespace App\UseCase;

interface KitDrafts
{
    /** @return list<KitDraft> the last changed first */
    public function all(): array;

    public function find(string $sheetId): ?KitDraft;

    /** As find, and nobody changes it until the transaction is over. */
    public function locked(string $sheetId): ?KitDraft;

    /** Stores the draft when the stored one has the version before it. @throws DraftConflict */
    public function save(KitDraft $draft): void;

    /** For good: it was released. */
    public function remove(string $sheetId): void;

    /** Out of sight, until it is put back or another draft of the sheet is begun. */
    public function discard(string $sheetId, \DateTimeImmutable $at): void;

    public function discarded(string $sheetId): ?KitDraft;

    public function putBack(string $sheetId): void;
}
