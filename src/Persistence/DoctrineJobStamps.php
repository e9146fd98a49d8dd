<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\JobNotFound;
use App\UseCase\JobStamps;
use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Uuid;

/** By plain SQL and with no entity manager: most requests ask for no more. */
final readonly class DoctrineJobStamps implements JobStamps
{
    public function __construct(private Connection $connection)
    {
    }

    public function of(string $id): string
    {
        $stamp = Uuid::isValid($id) ? $this->connection->fetchOne(
            'SELECT job.version || \'.\' || COALESCE((SELECT entry.hash FROM log_entry entry WHERE entry.job_id = job.id ORDER BY entry.sequence DESC LIMIT 1), \'\') FROM job WHERE job.id = ?',
            [$id],
        ) : false;

        return \is_string($stamp) ? $stamp : throw JobNotFound::withId($id);
    }
}
