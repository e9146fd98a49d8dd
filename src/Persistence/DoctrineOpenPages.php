<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Instruments\OpenPages;
use Doctrine\DBAL\Connection;

final readonly class DoctrineOpenPages implements OpenPages
{
    public function __construct(private Connection $connection)
    {
    }

    public function seen(string $person, string $page, \DateTimeImmutable $at): void
    {
        $moment = $at->format('Y-m-d H:i:s.uP');
        $this->connection->executeStatement("DELETE FROM instrument_page WHERE seen_at < clock_timestamp() - interval '1 hour'");
        $this->connection->executeStatement(
            'INSERT INTO instrument_page (person, page, seen_at) VALUES (?, ?, ?)
             ON CONFLICT (person, page) DO UPDATE SET seen_at = EXCLUDED.seen_at',
            [$person, $page, $moment],
        );
    }

    public function count(string $person, \DateTimeImmutable $since): int
    {
        $count = $this->connection->fetchOne(
            'SELECT count(*) FROM instrument_page WHERE person = ? AND seen_at >= ?', [$person, $since->format('Y-m-d H:i:s.uP')],
        );

        return is_numeric($count) ? (int) $count : 0;
    }
}
