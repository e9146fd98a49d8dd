<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\KitDraftRow;
use App\UseCase\DraftConflict;
use App\UseCase\DraftNotFound;
use App\UseCase\KitDraft;
use App\UseCase\KitDrafts;
use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;

final readonly class DoctrineKitDrafts implements KitDrafts
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function all(): array
    {
        return array_map(
            self::draft(...),
            $this->entities->getRepository(KitDraftRow::class)->findBy(
                ['discardedAt' => null], ['changedAt' => 'DESC', 'sheetId' => 'ASC'], 200,
            ),
        );
    }

    public function find(string $sheetId): ?KitDraft
    {
        $row = $this->entities->find(KitDraftRow::class, $sheetId);

        return null === $row || null !== $row->discardedAt ? null : self::draft($row);
    }

    public function locked(string $sheetId): ?KitDraft
    {
        $row = $this->entities->find(KitDraftRow::class, $sheetId, LockMode::PESSIMISTIC_WRITE);
        if (null === $row) {
            return null;
        }
        $this->entities->refresh($row);

        return null === $row->discardedAt ? self::draft($row) : null;
    }

    public function discarded(string $sheetId): ?KitDraft
    {
        $row = $this->entities->find(KitDraftRow::class, $sheetId);

        return null === $row?->discardedAt ? null : self::draft($row);
    }

    public function discard(string $sheetId, \DateTimeImmutable $at): void
    {
        $sql = 'UPDATE kit_draft SET discarded_at = ? WHERE sheet_id = ? AND discarded_at IS NULL';
        $this->entities->getConnection()->executeStatement($sql, [$at->format(\DATE_ATOM), $sheetId]);
    }

    public function putBack(string $sheetId): void
    {
        $this->entities->getConnection()->executeStatement('UPDATE kit_draft SET discarded_at = NULL WHERE sheet_id = ?', [$sheetId]);
    }

    public function save(KitDraft $draft): void
    {
        // One statement decides: of two people who change the same version, one finds no row to change.
        $isFirst = 1 === $draft->version;
        $sql = $isFirst
            ? 'INSERT INTO kit_draft (sheet_id, version, text, author, authors, changed_at)
                VALUES (:id, :version, :text, :author, :authors, :at)
                ON CONFLICT (sheet_id) DO UPDATE SET version = :version, text = :text, author = :author, authors = :authors,
                changed_at = :at, discarded_at = NULL
                WHERE kit_draft.discarded_at IS NOT NULL'
            : 'UPDATE kit_draft SET version = :version, text = :text, author = :author, authors = :authors, changed_at = :at
                WHERE sheet_id = :id AND version = :version - 1 AND discarded_at IS NULL';
        $stored = $this->entities->getConnection()->executeStatement($sql, [
            'id' => $draft->sheetId, 'version' => $draft->version, 'text' => $draft->text, 'author' => $draft->author,
            'authors' => json_encode($draft->authors, \JSON_THROW_ON_ERROR), 'at' => $draft->changedAt->format(\DATE_ATOM),
        ], ['version' => ParameterType::INTEGER]);
        if (0 === (int) $stored) {
            $theirs = $this->find($draft->sheetId);
            throw null === $theirs ? DraftNotFound::of($draft->sheetId) : new DraftConflict($theirs);
        }
    }

    public function remove(string $sheetId): void
    {
        $this->entities->getConnection()->executeStatement('DELETE FROM kit_draft WHERE sheet_id = ?', [$sheetId]);
    }

    private static function draft(KitDraftRow $row): KitDraft
    {
        return new KitDraft($row->sheetId, $row->version, $row->text, $row->author, $row->authors, $row->changedAt);
    }
}
