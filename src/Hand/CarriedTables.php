<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\RankingTables;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\KitTable;
use Berm\Core\Revision;

/** What can be chosen from where there is no signal: the newest revisions that were taken along. */
final readonly class CarriedTables implements RankingTables
{
    public function __construct(private CarriedSheets $sheets)
    {
    }

    public function kits(AccessoryFunction $function): KitTable
    {
        return KitTable::of(array_filter(
            $this->sheets->kits,
            fn (KitSheet $sheet): bool => $sheet->application->function === $function
                && $this->isNewest($sheet->revision, $this->sheets->kits),
        ));
    }

    public function connectors(ConnectorKind $kind): ConnectorTable
    {
        return ConnectorTable::of(array_values(array_filter(
            $this->sheets->connectors,
            fn (Connector $one): bool => $one->kind === $kind && $this->isNewest($one->revision, $this->sheets->connectors),
        )));
    }

    /** @param list<KitSheet>|list<Connector> $all */
    private function isNewest(Revision $revision, array $all): bool
    {
        foreach ($all as $other) {
            if ($other->revision->id === $revision->id && $other->revision->number > $revision->number) {
                return false;
            }
        }

        return true;
    }
}
