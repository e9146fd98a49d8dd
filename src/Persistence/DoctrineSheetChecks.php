<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\CheckedKind;
use App\UseCase\SheetChecks;
use App\UseCase\SheetNotFound;
use App\UseCase\Who;
use Berm\Core\Revision;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

final readonly class DoctrineSheetChecks implements SheetChecks
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function writer(CheckedKind $kind, Revision $revision): Who
    {
        $row = $this->connection->fetchNumeric(
            'SELECT added_by_id, added_by FROM sheet WHERE kind = ? AND sheet_id = ? AND revision = ?',
            [$kind->value, $revision->id, $revision->number],
        );

        return false === $row
            ? throw SheetNotFound::revision($kind->value, $revision)
            : new Who(Stored::text($row[0]), Stored::text($row[1]));
    }

    public function add(CheckedKind $kind, Revision $revision, Who $by): void
    {
        $this->connection->executeStatement(
            'INSERT INTO sheet_check (kind, sheet_id, revision, checked_by, checked_by_id, checked_at) VALUES (?, ?, ?, ?, ?, ?) ON
             CONFLICT DO NOTHING',
            [$kind->value, $revision->id, $revision->number, $by->name, $by->id, $this->clock->now()->format(\DATE_ATOM)],
        );
    }

    public function missing(CheckedKind $kind, array $revisions): array
    {
        if ([] === $revisions) {
            return [];
        }
        $rows = $this->connection->fetchAllNumeric(
            'SELECT sheet_id, revision FROM sheet WHERE kind = ? AND (sheet_id, revision) IN ('
            .implode(', ', array_fill(0, \count($revisions), '(?, ?)')).')
             AND added_by_id IS DISTINCT FROM ? AND NOT EXISTS (SELECT 1 FROM sheet_check WHERE sheet_check.kind = sheet.kind
             AND sheet_check.sheet_id = sheet.sheet_id AND sheet_check.revision = sheet.revision) ORDER BY sheet_id, revision',
            [
                $kind->value, ...array_merge(...array_map(static fn (Revision $one): array => [$one->id, $one->number], $revisions)),
                Who::PROGRAM,
            ],
        );

        return array_map(static fn (array $row): Revision => Revision::of(Stored::text($row[0]), \is_int($row[1]) ? $row[1] : 0), $rows);
    }
}
