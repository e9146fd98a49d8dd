<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Storage;
use Doctrine\DBAL\Connection;

final readonly class DoctrineStorage implements Storage
{
    public function __construct(private Connection $connection)
    {
    }

    public function look(): void
    {
        $this->connection->executeQuery('SELECT 1');
    }
}
