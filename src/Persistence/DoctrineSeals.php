<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\PlanDraft;
use App\UseCase\Seals;
use Doctrine\DBAL\Connection;

final readonly class DoctrineSeals implements Seals
{
    public function __construct(private Connection $connection)
    {
    }

    public function of(PlanDraft $draft): string
    {
        return SheetRows::seals($this->connection, $draft);
    }
}
