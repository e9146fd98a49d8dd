<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\PlanDraft;
use Berm\Core\Revision;
use Doctrine\DBAL\Connection;

/** What several readers of the table "sheet" ask of it alike. */
final class SheetRows
{
    /** A condition: of each sheet its newest revision, whatever the ones before it were called. */
    public const NEWEST = 'NOT EXISTS (SELECT 1 FROM sheet later WHERE later.kind = sheet.kind AND later.sheet_id = sheet.sheet_id AND later.revision > sheet.revision)';

    /** Of a document given as text: the same of the same, in whatever order and spacing it was written. */
    public const DIGEST = "encode(sha256(convert_to((%s)::jsonb::text, 'UTF8')), 'hex')";

    /**
     * What a job rests on: a line for each sheet, with its kind, id, revision and digest.
     *
     * Read from the column: what it says is held against the sheets themselves by those who look after the chain.
     */
    public static function seals(Connection $connection, PlanDraft $draft): string
    {
        $pins = array_map(static fn (Revision $cable): array => ['cable', $cable->id, $cable->number], $draft->cableRevisions());
        foreach (['connector' => $draft->connector, 'kit' => $draft->kit] as $kind => $pinned) {
            $pins = null === $pinned ? $pins : [...$pins, [$kind, $pinned->id, $pinned->number]];
        }

        return [] === $pins ? '' : Stored::text($connection->fetchOne(
            "SELECT string_agg(kind || ' ' || sheet_id || ' ' || revision || ' ' || digest, E'\n' ORDER BY kind, sheet_id, revision) FROM sheet
             WHERE (kind, sheet_id, revision) IN (".implode(', ', array_fill(0, \count($pins), '(?, ?, ?)')).')',
            array_merge(...$pins),
        ));
    }

    /**
     * Changes whenever a sheet of this kind is added; rows are never changed or deleted, and a restored database was added to at other
     * times.
     */
    public static function stamp(Connection $connection, string $kind): string
    {
        $stamp = $connection->fetchOne(
            "SELECT COUNT(*) || '.' || COALESCE(EXTRACT(EPOCH FROM MAX(added_at)), 0) FROM sheet WHERE kind = ?", [$kind],
        );

        return \is_string($stamp) ? $stamp : '';
    }
}
