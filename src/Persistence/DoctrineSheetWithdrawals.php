<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\SheetWithdrawals;
use Berm\Core\Revision;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

final readonly class DoctrineSheetWithdrawals implements SheetWithdrawals
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function reason(Revision $revision): ?string
    {
        $reason = $this->connection->fetchOne(
            'SELECT reason FROM sheet_withdrawal WHERE sheet_id = ? AND revision = ?', [$revision->id, $revision->number],
        );

        return \is_string($reason) ? $reason : null;
    }

    public function all(): array
    {
        return array_map(
            static fn (array $row): Revision => Revision::of(Stored::text($row[0]), \is_int($row[1]) ? $row[1] : 0),
            $this->connection->fetchAllNumeric('SELECT sheet_id, revision FROM sheet_withdrawal'),
        );
    }

    public function add(Revision $revision, string $reason, string $by): void
    {
        $now = $this->clock->now()->format(\DATE_ATOM);
        $this->connection->transactional(static function (Connection $connection) use ($revision, $reason, $by, $now): void {
            $isNew = $connection->executeStatement(
                'INSERT INTO sheet_withdrawal (sheet_id, revision, reason, withdrawn_by, withdrawn_at) VALUES (?, ?, ?, ?, ?)
                 ON CONFLICT DO NOTHING',
                [$revision->id, $revision->number, $reason, $by, $now],
            );
            if (0 === (int) $isNew) {
                return;
            }
            // What was worked out of such a job before holds no more.
            $connection->executeStatement(
                "UPDATE job SET version = version + 1, changed_at = ? WHERE plan->'kit'->>'id' = ? AND plan->'kit'->>'revision' = ?",
                [$now, $revision->id, (string) $revision->number],
            );
        });
    }
}
