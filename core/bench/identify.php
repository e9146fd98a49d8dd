<?php

/** How long it takes to hold five thousand constructions, and all that the rules give, against one cable. */

declare(strict_types=1);

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\Seen;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Identification\Catalogue;
use Berm\Core\Identification\Evidence;
use Berm\Core\Identification\Identification;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';

$read = static fn (string $typed): array => [Reading::typed($typed, LengthUnit::Millimetre, Instrument::Caliper)];
$readings = ['conductor' => $read('9.2'), 'insulation' => $read('19.0'), 'insulation-screen' => $read('20.7'), 'oversheath' => $read('25')];
$evidence = Evidence::of(AsFound::sheet($readings, [], [], null, null, '', new Seen(material: ConductorMaterial::Aluminium)));
$all = [...Library::all()];
// Every fifth or so: five thousand from all of the standards.
$every = intdiv(count($all), 5000);
$some = array_values(array_filter($all, static fn (int $i): bool => 0 === $i % $every, ARRAY_FILTER_USE_KEY));
foreach ([array_slice($some, 0, 5000), $all] as $cables) {
    $catalogue = Catalogue::of($cables);
    measure(
        sprintf('four diameters and one look against %d constructions', $catalogue->count()),
        60,
        static fn (): array => Identification::rank($catalogue, $evidence, 8),
    );
}
