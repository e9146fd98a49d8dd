<?php

declare(strict_types=1);

namespace App\UseCase;

interface KitDrafts
{
    /** @return list<KitDraft> the last changed first */
    public function all(): array;

    public function find(string $sheetId): ?KitDraft;

    /** Stores the draft when the stored one has the version before it. @throws DraftConflict */
    public function save(KitDraft $draft): void;

    public function remove(string $sheetId): void;
}
