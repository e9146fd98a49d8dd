<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

/** One table of a backup. */
final readonly class BackupTable
{
    /** @param list<string> $columns in the order of its lines */
    public function __construct(public string $name, public array $columns, public int $rows, public string $sha256)
    {
    }
}
