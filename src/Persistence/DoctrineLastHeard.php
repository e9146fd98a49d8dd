<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\LastHeard;
use App\UseCase\Who;
use Doctrine\DBAL\Connection;

final readonly class DoctrineLastHeard implements LastHeard
{
    public function __construct(private Connection $connection)
    {
    }

    /** Not more often than people can tell apart. */
    public function from(string $job, Who $who, \DateTimeImmutable $at): void
    {
        $this->connection->executeStatement(
            "INSERT INTO job_heard (job_id, person, heard_at) VALUES (?, ?, ?) ON CONFLICT (job_id, person)
             DO UPDATE SET heard_at = excluded.heard_at WHERE job_heard.heard_at < excluded.heard_at - interval '20 seconds'",
            [$job, $who->id, $at->format(\DATE_ATOM)],
        );
    }

    public function tookAlong(string $job, Who $who, \DateTimeImmutable $at): void
    {
        $this->connection->executeStatement(
            'INSERT INTO job_heard (job_id, person, heard_at, along_at) VALUES (?, ?, ?, ?) ON CONFLICT (job_id, person)
             DO UPDATE SET heard_at = excluded.heard_at, along_at = excluded.along_at',
            [$job, $who->id, $at->format(\DATE_ATOM), $at->format(\DATE_ATOM)],
        );
    }

    public function of(string $job): array
    {
        $heard = [];
        foreach ($this->connection->fetchAllNumeric('SELECT person, heard_at, along_at FROM job_heard WHERE job_id = ?', [$job]) as $row) {
            $heard[Stored::text($row[0])] = [
                'heardAt' => new \DateTimeImmutable(Stored::text($row[1])),
                'alongAt' => null === $row[2] ? null : new \DateTimeImmutable(Stored::text($row[2])),
            ];
        }

        return $heard;
    }
}
