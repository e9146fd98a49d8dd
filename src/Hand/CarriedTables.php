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

/** What can be chosen from where there is no signal: the newest revisions that were taken along. */
final readonly class CarriedTables implements RankingTables
{
    public function __construct(private CarriedSheets $sheets)
    {
    }

    public function kits(AccessoryFunction $function): KitTable
    {
        return KitTable::of(array_filter(
            $this->sheets->kits->newest(), static fn (KitSheet $sheet): bool => $sheet->application->function === $function,
        ));
    }

    public function connectors(ConnectorKind $kind): ConnectorTable
    {
        return ConnectorTable::of(array_values(array_filter(
            $this->sheets->connectors->newest(), static fn (Connector $one): bool => $one->kind === $kind,
        )));
    }
}
