<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Instruments\SentReading;
use App\UseCase\Instruments\SentReadings;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;

final readonly class DoctrineSentReadings implements SentReadings
{
    public function __construct(private Connection $connection)
    {
    }

    public function add(SentReading $reading): void
    {
        $this->connection->executeStatement(
            'INSERT INTO instrument_reading (id, person, report, read_at) VALUES (?, ?, ?, ?) ON CONFLICT (id) DO NOTHING',
            [
                $reading->id, $reading->person, json_encode($reading->report, \JSON_THROW_ON_ERROR),
                $reading->readAt->format('Y-m-d H:i:s.uP'),
            ],
        );
    }

    public function forgetBefore(string $person, \DateTimeImmutable $moment, int $most): void
    {
        $this->connection->executeStatement(
            'DELETE FROM instrument_reading WHERE person = :person AND (read_at < :moment OR id NOT IN
             (SELECT id FROM instrument_reading WHERE person = :person ORDER BY read_at DESC LIMIT :most))',
            ['person' => $person, 'moment' => $moment->format(\DATE_ATOM), 'most' => $most],
        );
    }

    public function taken(string $person, array $ids): void
    {
        if ([] !== $ids) {
            $this->connection->executeStatement(
                'DELETE FROM instrument_reading WHERE person = ? AND id IN (?)', [$person, $ids], [1 => ArrayParameterType::STRING],
            );
        }
    }

    public function of(string $person): array
    {
        return array_map(static fn (array $row): SentReading => new SentReading(
            Stored::text($row['id']), $person, Stored::document($row['report']), new \DateTimeImmutable(Stored::text($row['read_at'])),
        ), $this->connection->fetchAllAssociative(
            'SELECT id, report, read_at FROM instrument_reading WHERE person = ? ORDER BY read_at, id', [$person],
        ));
    }
}
