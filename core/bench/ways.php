<?php

/** How long it takes to work out every way on from a cut that is out, the job planned from nothing with it, as one request does. */

declare(strict_types=1);

use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Rework\Spoilt;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';

$connectors = Demo::connectors();
$sheets = ['one core' => 'quillon-ribbed-36', 'three cores' => 'quillon-pairs-36', 'three cores, armoured' => 'quillon-armour-12'];
foreach ($sheets as $what => $id) {
    $spoilt = Spoilt::insideOut($id, Length::ofMillimetres(8))->plan;
    $log = array_values($spoilt->build->counting);
    $place = $spoilt->markOut?->mark(End::A, Cut::Insulation, 1)->place ?? throw new LogicException('it is marked out');
    /** @return list<Way> */
    $ways = static fn (): array => WaysOn::from(Plan::ofLog(clone $spoilt->job, $log), $place, $connectors, []);
    measure("every way on: $what (limit 400 ms)", 20, $ways);
}
