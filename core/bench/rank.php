<?php

/** How long it takes to put ten thousand kit sizes and five hundred connectors in order for one joint. */

declare(strict_types=1);

use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Ranking\ConnectorTable;
use Berm\Core\Ranking\Enquiry;
use Berm\Core\Ranking\KitTable;
use Berm\Core\Ranking\Ranked;
use Berm\Core\Ranking\Ranking;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;
use Berm\Core\Site\Weather;
use Berm\Core\Tests\Demo;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';
require_once __DIR__.'/catalogue.php';

ini_set('memory_limit', '1G');
$kits = KitTable::of((static function (): Generator {
    foreach (manyKits(1000, 10) as $sheet) {
        yield Fields::read($sheet, KitSheetFile::read(...));
    }
})());
$connectors = ConnectorTable::of(array_map(
    static fn (array $one) => Fields::read($one, ConnectorFile::read(...)), [...manyConnectors(500)],
));
foreach (['iec-1x95-al-12', 'icea-4-0-al-15-100'] as $cable) {
    $enquiry = new Enquiry(
        AccessoryFunction::Joint,
        Demo::ends(['A' => $cable, 'B' => $cable]),
        Site::of(Weather::unknown(), Place::Buried, null),
        LengthUnit::Millimetre,
    );
    $ranked = Ranking::kits($enquiry, $kits, $connectors);
    $pairs = array_sum(array_map(static fn ($pair): int => $pair->goes, $ranked->pairs));
    measure(
        sprintf(
            '%d sizes x %d connectors for %s: %d fit, %d pairs', $kits->count(), $connectors->count(), $cable, $ranked->possible, $pairs,
        ),
        40,
        static fn (): Ranked => Ranking::kits($enquiry, $kits, $connectors),
    );
}
