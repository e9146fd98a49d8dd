<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\JobNotFound;
use App\UseCase\JobStamp;
use App\UseCase\JobStamps;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Symfony\Component\Uid\Uuid;

/** By plain SQL and with no entity manager: most requests ask for no more. */
final readonly class DoctrineJobStamps implements JobStamps
{
    private const STAMP = "job.version || '.' || COALESCE((SELECT entry.hash FROM log_entry entry"
        ." WHERE entry.job_id = job.id ORDER BY entry.sequence DESC LIMIT 1), '')";

    public function __construct(private Connection $connection)
    {
    }

    public function of(string $id): string
    {
        $stamp = Uuid::isValid($id) ? $this->connection->fetchOne(
            'SELECT '.self::STAMP.' FROM job WHERE job.id = ?',
            [$id],
        ) : false;

        return \is_string($stamp) ? $stamp : throw JobNotFound::withId($id);
    }

    public function latest(int $page, int $perPage): array
    {
        $rows = $this->connection->fetchAllAssociative(
            'SELECT job.id, job.name, '.self::STAMP.' AS stamp FROM job ORDER BY job.changed_at DESC, job.id DESC LIMIT ? OFFSET ?',
            [$perPage, ($page - 1) * $perPage], [ParameterType::INTEGER, ParameterType::INTEGER],
        );

        return array_map(static function (array $row): JobStamp {
            [$id, $name, $stamp] = [$row['id'], $row['name'], $row['stamp']];
            \assert(\is_string($id) && \is_string($name) && \is_string($stamp));

            return new JobStamp($id, $name, $stamp);
        }, $rows);
    }

    public function count(): int
    {
        $count = $this->connection->fetchOne('SELECT count(*) FROM job');

        return is_numeric($count) ? (int) $count : 0;
    }
}
