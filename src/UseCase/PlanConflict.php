<?php

declare(strict_types=1);

namespace App\UseCase;

/** Somebody else changed the plan in between: both versions are kept, and nothing is overwritten. */
final class PlanConflict extends \RuntimeException
{
    public function __construct(public readonly StoredJob $stored, public readonly PlanDraft $yours)
    {
        parent::__construct('Somebody else changed this job while you were editing. Yours was not stored: look at both and choose.');
    }
}
