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
     * @param list<Construction>                           $cables
     * @param list<KitSheet>                               $kits
     * @param list<Connector>                              $connectors
     * @param list<array{revision: Revision, why: string}> $withdrawn
     * @param list<Revision>                               $unchecked  connectors that only their writer has looked at
     */
    public function __construct(
        public array $cables, public array $kits, public array $connectors, public array $withdrawn, public array $unchecked,
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
        return self::among($this->cables, $revision) ?? throw SheetNotFound::revision('cable', $revision);
    }

    public function kit(Revision $revision): KitSheet
    {
        return self::among($this->kits, $revision) ?? throw SheetNotFound::revision('kit', $revision);
    }

    public function connector(Revision $revision): Connector
    {
        return self::among($this->connectors, $revision) ?? throw SheetNotFound::revision('connector', $revision);
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

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param list<T> $sheets
     *
     * @return T|null
     */
    private static function among(array $sheets, Revision $revision): Construction|KitSheet|Connector|null
    {
        foreach ($sheets as $sheet) {
            if ($sheet->revision->equals($revision)) {
                return $sheet;
            }
        }

        return null;
    }
}
