<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\DBAL\Connection;

/** What several readers of the table "sheet" ask of it alike. */
final class SheetRows
{
    /** A condition: of each sheet its newest revision, whatever the ones before it were called. */
    public const NEWEST = 'NOT EXISTS (SELECT 1 FROM sheet later WHERE later.kind = sheet.kind AND later.sheet_id = sheet.sheet_id AND later.revision > sheet.revision)';

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
