<?php

declare(strict_types=1);

namespace App\UseCase;

/** An entry that stands in the log, and the job as it was before and is after. */
final readonly class WrittenEntry
{
    public function __construct(public string $entryId, public PlannedJob $before, public PlannedJob $after)
    {
    }
}
