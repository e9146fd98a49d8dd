<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\PinnedSheets;
use App\UseCase\SheetNotFound;
use App\UseCase\WithdrawalReasons;
use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;

/** Those that were taken along, and what was known of their withdrawal then. */
final readonly class CarriedSheets implements PinnedSheets, WithdrawalReasons
{
    /**
     * @param Pile<Construction>                           $cables
     * @param Pile<KitSheet>                               $kits
     * @param Pile<Connector>                              $connectors
     * @param list<array{revision: Revision, why: string}> $withdrawn
     * @param list<Revision>                               $unchecked  connectors that only their writer has looked at
     */
    public function __construct(
        public Pile $cables, public Pile $kits, public Pile $connectors, public array $withdrawn, public array $unchecked,
    ) {
    }

    /**
     * @param list<Revision> $connectors
     *
     * @return list<Revision> those of them that only their writer has looked at, by id and number
     */
    public function unchecked(array $connectors): array
    {
        return array_values(array_filter($this->unchecked, static fn (Revision $one): bool => [] !== array_filter(
            $connectors, static fn (Revision $shown): bool => $shown->equals($one),
        )));
    }

    public function cable(Revision $revision): Construction
    {
        return $this->cables->find($revision) ?? throw SheetNotFound::revision('cable', $revision);
    }

    public function kit(Revision $revision): KitSheet
    {
        return $this->kits->find($revision) ?? throw SheetNotFound::revision('kit', $revision);
    }

    public function connector(Revision $revision): Connector
    {
        return $this->connectors->find($revision) ?? throw SheetNotFound::revision('connector', $revision);
    }

    public function reason(Revision $revision): ?string
    {
        foreach ($this->withdrawn as ['revision' => $withdrawn, 'why' => $why]) {
            if ($withdrawn->equals($revision)) {
                return $why;
            }
        }

        return null;
    }
}
