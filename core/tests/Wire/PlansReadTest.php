<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Wire;

use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Golden;
use Berm\Core\Tests\Kit\DemoSheetsTest;
use Berm\Core\Tests\Written;
use Berm\Core\Wire\PlanJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * All that follows from a job on each of the systems, as the page gets it, so that a change anywhere in the core is seen in what it does to
 * real accessories.
 */
final class PlansReadTest extends TestCase
{
    #[Test]
    #[DataProvider('accessories')]
    public function asTheyAreRead(string $kit, string $size, string $connector, string $cableA, string $cableB, string $place): void
    {
        $cables = array_filter(['A' => $cableA, 'B' => $cableB], static fn (string $cable): bool => '' !== $cable);
        $job = Demo::job($kit, $size, $connector, $cables, $place);
        $isInInches = str_starts_with($cableA, 'icea');
        $json = json_decode(
            json_encode(PlanJson::of(Plan::ofLog($job, Written::log($job, [Written::safe()]))), \JSON_THROW_ON_ERROR), true,
        );
        self::assertIsArray($json);
        // The cables are held against their standards elsewhere.
        unset($json['ends']);
        $reader = new Reader($isInInches ? LengthUnit::Inch : LengthUnit::Millimetre);
        $name = preg_replace('/[^a-z0-9]+/', '-', strtolower("$kit $size $place"));
        Golden::assertSame("plans/$name.txt", Golden::lines($json, $reader));
    }

    /**
     * @return iterable<string, array{string, string, string, string, string, string}> one of each sort: the others are built to the end
     *                                                                                 elsewhere
     */
    public static function accessories(): iterable
    {
        $read = [
            'quillon-straight-12', 'thole-splice-15', 'quillon-nested-24', 'quillon-wire-joint-12', 'harrow-allinone-28',
            'harrow-elbow-600-25',
            'quillon-end-3c-12', 'harrow-skirt-end-35', 'quillon-transition-17', 'marlpike-pullout-24',
        ];
        foreach (DemoSheetsTest::systems() as $name => $system) {
            if (\in_array($system[0], $read, true)) {
                yield $name => $system;
            }
        }
    }
}
