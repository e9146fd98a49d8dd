<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\UseCase\Chain\Head;

/** What a backup says of itself. */
final readonly class BackupContents
{
    /**
     * @param string              $schema the last migration of the tables it was made from
     * @param list<string>        $keys   public keys that signed heads of its logs
     * @param array<string, Head> $heads  how its logs end, by job
     * @param list<BackupTable>   $tables
     */
    public function __construct(
        public \DateTimeImmutable $madeAt, public string $schema, public array $keys, public array $heads, public array $tables,
    ) {
    }

    public function rows(): int
    {
        return array_sum(array_map(static fn (BackupTable $table): int => $table->rows, $this->tables));
    }
}
