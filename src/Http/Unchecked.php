<?php

declare(strict_types=1);

namespace App\Http;

use App\UseCase\CheckedKind;
use App\UseCase\SheetChecks;
use Berm\Core\Revision;

/** Marks cables and connectors that only their writer has looked at, wherever they are shown. */
final readonly class Unchecked
{
    public function __construct(private SheetChecks $checks)
    {
    }

    /**
     * @param list<Revision> $shown
     *
     * @return list<array{id: string, revision: int}>
     */
    public function json(CheckedKind $kind, array $shown): array
    {
        return array_map(
            static fn (Revision $one): array => ['id' => $one->id, 'revision' => $one->number], $this->checks->missing($kind, $shown),
        );
    }
}
