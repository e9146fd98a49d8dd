<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

/** Which cables and connectors a second person has looked at. */
interface SheetChecks
{
    /** Who wrote it down first. @throws SheetNotFound */
    public function writer(CheckedKind $kind, Revision $revision): Who;

    /** Harmless when it was looked at before. */
    public function add(CheckedKind $kind, Revision $revision, Who $by): void;

    /**
     * Those of these that nobody else has looked at. What the program worked out itself needs nobody.
     *
     * @param list<Revision> $revisions
     *
     * @return list<Revision> by id and number
     */
    public function missing(CheckedKind $kind, array $revisions): array;
}
