<?php

declare(strict_types=1);

namespace App\UseCase;

/** What a job rests on: see Berm\Core\Build\Link::hash. */
interface Seals
{
    /** A line for each sheet, with its kind, id, revision and digest. */
    public function of(PlanDraft $draft): string;
}
