<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\KitTable;

/** The newest revisions of all sheets, made ready for ranking. */
interface RankingTables
{
    /** Of the kits that make such an accessory. */
    public function kits(AccessoryFunction $function): KitTable;

    public function connectors(ConnectorKind $kind): ConnectorTable;
}
