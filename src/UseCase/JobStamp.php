<?php

declare(strict_types=1);

namespace App\UseCase;

/** A job by its name and what changes whenever anything about it does. */
final readonly class JobStamp
{
    public function __construct(public string $id, public string $name, public string $stamp)
    {
    }
}
