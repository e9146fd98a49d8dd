<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Instruments\InstrumentToken;
use App\UseCase\Instruments\InstrumentTokens;
use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Uuid;

final readonly class DoctrineInstrumentTokens implements InstrumentTokens
{
    private const COLUMNS = 'SELECT id, person, epoch, name, made_at, last_used_at FROM instrument_token';

    public function __construct(private Connection $connection)
    {
    }

    public function of(string $person): array
    {
        return array_map(self::token(...), $this->connection->fetchAllNumeric(
            self::COLUMNS.' WHERE person = ? ORDER BY made_at, id', [$person],
        ));
    }

    public function find(string $hash): ?InstrumentToken
    {
        $row = $this->connection->fetchNumeric(self::COLUMNS.' WHERE hash = ?', [$hash]);

        return false === $row ? null : self::token($row);
    }

    public function add(InstrumentToken $token, string $hash): bool
    {
        return 1 === $this->connection->executeStatement(
            'INSERT INTO instrument_token (id, person, epoch, name, hash, made_at) VALUES (?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING',
            [$token->id, $token->person, $token->epoch, $token->name, $hash, $token->madeAt->format(\DATE_ATOM)],
        );
    }

    public function used(InstrumentToken $token, \DateTimeImmutable $at): void
    {
        $this->connection->executeStatement(
            'UPDATE instrument_token SET last_used_at = ? WHERE id = ?', [$at->format(\DATE_ATOM), $token->id],
        );
    }

    public function end(string $person, string $id): void
    {
        if (Uuid::isValid($id)) {
            $this->connection->executeStatement('DELETE FROM instrument_token WHERE person = ? AND id = ?', [$person, $id]);
        }
    }

    /** @param list<mixed> $row */
    private static function token(array $row): InstrumentToken
    {
        [$id, $person, , $name, $madeAt, $lastUsedAt] = array_map(Stored::text(...), $row);

        return new InstrumentToken(
            $id, $person, \is_int($row[2]) ? $row[2] : 1, $name, new \DateTimeImmutable($madeAt),
            '' === $lastUsedAt ? null : new \DateTimeImmutable($lastUsedAt),
        );
    }
}
