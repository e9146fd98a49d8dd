<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Picture;
use App\UseCase\PictureNotFound;
use App\UseCase\Pictures;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Symfony\Component\Uid\Uuid;

/** By plain SQL: a picture is bytes, and nothing is ever changed about it. */
final readonly class DoctrinePictures implements Pictures
{
    public function __construct(private Connection $connection)
    {
    }

    public function has(string $job, string $hash): bool
    {
        return Uuid::isValid($job)
            && false !== $this->connection->fetchOne('SELECT 1 FROM picture WHERE job_id = ? AND hash = ?', [$job, $hash]);
    }

    public function get(string $job, string $hash): Picture
    {
        $row = Uuid::isValid($job) ? $this->connection->fetchAssociative(
            "SELECT type, encode(bytes, 'base64') AS bytes FROM picture WHERE job_id = ? AND hash = ?", [$job, $hash],
        ) : false;
        if (false === $row) {
            throw PictureNotFound::withHash($hash);
        }

        return Picture::kept($hash, Stored::text($row['type']), (string) base64_decode(Stored::text($row['bytes']), true));
    }

    public function count(string $job): int
    {
        $count = $this->connection->fetchOne('SELECT count(*) FROM picture WHERE job_id = ?', [$job]);

        return is_numeric($count) ? (int) $count : 0;
    }

    public function add(string $job, Picture $picture, string $by, \DateTimeImmutable $at): void
    {
        $this->connection->executeStatement(
            'INSERT INTO picture (job_id, hash, type, bytes, sent_by, sent_at) VALUES (?, ?, ?, ?, ?, ?)
             ON CONFLICT (job_id, hash) DO NOTHING',
            [$job, $picture->hash, $picture->type, $picture->bytes, $by, $at->format(\DATE_ATOM)],
            [3 => ParameterType::LARGE_OBJECT],
        );
    }
}
