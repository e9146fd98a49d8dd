<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

/** A second person has looked at a cable type or a connector and found it right. */
final readonly class CheckSheet
{
    public function __construct(private SheetChecks $checks)
    {
    }

    /** @throws SheetNotFound @throws NotTheirs for who wrote it */
    public function __invoke(CheckedKind $kind, Revision $revision, Who $by): void
    {
        $writer = $this->checks->writer($kind, $revision);
        if ($by->is($writer->id)) {
            throw NotTheirs::sheet($writer->name);
        }
        $this->checks->add($kind, $revision, $by);
    }
}
