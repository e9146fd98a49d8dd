<?php

declare(strict_types=1);

namespace App\UseCase;

/** Makes ids for the entries that the application writes by itself. */
interface EntryIds
{
    /** A UUIDv7. */
    public function next(): string;
}
