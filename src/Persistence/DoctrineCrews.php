<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Crews;
use App\UseCase\NoSuchHand;
use App\UseCase\Who;
use Doctrine\DBAL\Connection;

final readonly class DoctrineCrews implements Crews
{
    public function __construct(private Connection $connection)
    {
    }

    public function of(string $job): array
    {
        $rows = $this->connection->fetchAllNumeric(
            'SELECT person.name, person.shown_as FROM job_crew JOIN person ON person.name = job_crew.person WHERE job_id = ? ORDER BY
             person.shown_as',
            [$job],
        );

        return array_map(static fn (array $row): Who => new Who(Stored::text($row[0]), Stored::text($row[1])), $rows);
    }

    public function has(string $job, Who $who): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM job_crew WHERE job_id = ? AND person = ?', [$job, $who->id]);
    }

    public function jobsOf(Who $who): array
    {
        $ids = $this->connection->fetchFirstColumn('SELECT job_id FROM job_crew WHERE person = ?', [$who->id]);

        return array_map(Stored::text(...), $ids);
    }

    public function add(string $job, Who $who): void
    {
        $this->connection->executeStatement('INSERT INTO job_crew (job_id, person) VALUES (?, ?) ON CONFLICT DO NOTHING', [$job, $who->id]);
    }

    public function give(string $job, array $ids): void
    {
        $this->connection->executeStatement('DELETE FROM job_crew WHERE job_id = ?', [$job]);
        foreach ($ids as $id) {
            $given = $this->connection->executeStatement(
                "INSERT INTO job_crew (job_id, person) SELECT ?, name FROM person
                 WHERE name = ? AND suspended_at IS NULL AND role IN ('jointer', 'engineer')",
                [$job, $id],
            );
            if (0 === (int) $given) {
                throw NoSuchHand::of($id);
            }
        }
    }
}
