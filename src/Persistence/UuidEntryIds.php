<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\EntryIds;
use Symfony\Component\Uid\Uuid;

final class UuidEntryIds implements EntryIds
{
    public function next(): string
    {
        return Uuid::v7()->toRfc4122();
    }
}
