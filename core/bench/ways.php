<?php

/** How long it takes to work out every way on from what is out, the job planned from nothing with it, as one request does. */

declare(strict_types=1);

use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WaysOn;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Rework\Spoilt;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';

$connectors = Demo::connectors();
$faults = [
    'a cut, one core' => static fn (): Spoilt => Spoilt::insideOut('quillon-ribbed-36', Length::ofMillimetres(8)),
    'a cut, three cores' => static fn (): Spoilt => Spoilt::insideOut('quillon-pairs-36', Length::ofMillimetres(8)),
    'a cut, three cores, armoured' => static fn (): Spoilt => Spoilt::insideOut('quillon-armour-12', Length::ofMillimetres(8)),
    'a gap after crimping, one core' => static fn (): Spoilt => Spoilt::atCheck('marlpike-drawn-24', 'check-2', Length::ofMillimetres(3)),
    'a length, three cores' => static fn (): Spoilt => Spoilt::atCheck('marlpike-pushed-12', 'between', Length::ofMillimetres(4)),
    'a tube, three cores' => static fn (): Spoilt => Spoilt::atCheck('marlpike-sets-24', 'stress', Length::ofMillimetres(-6)),
];
foreach ($faults as $what => $make) {
    $spoilt = $make();
    $plan = $spoilt->plan;
    $log = array_values($plan->build->counting);
    $place = $spoilt->fault ?? $spoilt->spoilt ?? throw new LogicException('something is out');
    /** @return list<Way> */
    $ways = static fn (): array => WaysOn::from(Plan::ofLog(clone $plan->job, $log), $place, $connectors, []);
    measure("every way on: $what (limit 400 ms)", 12, $ways);
}
