<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\ObstacleCode;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What was accepted or ticked off holds for the plan that it was judged by, and for no other. */
final class BasisTest extends TestCase
{
    /**
     * 1 mm out is accepted with a connector of 104 mm (57 mm to 58 mm); with one of 84 mm (47 mm to 48 mm) it is 11 mm out and open again.
     */
    #[Test]
    public function anAcceptanceDoesNotOutliveTheWindowItWasGivenFor(): void
    {
        $events = [Written::safe(), ...self::cuts('59'), new DeviationAccepted(MarkPlace::of(End::A, Cut::Insulation), 'filled')];
        $log = Written::log(self::job(), $events);
        self::assertFalse(self::isOut(Plan::ofLog(self::job(), $log)));
        $other = self::job(['connector.length', '84 mm'], ['connector.boreDepth', '40 mm']);
        self::assertTrue(self::isOut(Plan::ofLog($other, $log)), 'judged again by the other connector');
        self::assertTrue(
            self::isOut(Plan::ofLog(self::job(['connector.id', 'another']), $log)), 'somebody judged the joint as it was to be',
        );
    }

    #[Test]
    public function anAcceptanceIsOfOneReading(): void
    {
        $events = [
            Written::safe(),
            ...self::cuts('59'),
            new DeviationAccepted(MarkPlace::of(End::A, Cut::Insulation), 'filled'),
            self::cut(Cut::Insulation, '59'),
        ];
        self::assertTrue(self::isOut(Written::plan(self::job(), $events)), 'read again, and out again: nobody has looked at that one');
    }

    #[Test]
    public function whatWasParkedIsOfTheKitThatItCameFrom(): void
    {
        $log = Written::log(self::job(), [Written::safe(), new PartParked(End::A, 'outer-sleeve')]);
        self::assertTrue(Plan::ofLog(self::job(), $log)->build->isParked('outer-sleeve'));
        $other = self::job(['kit.sheet.id', 'another-kit']);
        self::assertFalse(Plan::ofLog($other, $log)->build->isParked('outer-sleeve'), 'its sleeve is another one');
        self::assertTrue(Plan::ofLog(self::job(['connector.id', 'another']), $log)->build->isParked('outer-sleeve'));
    }

    /** @param array{string, mixed} ...$changes */
    private static function job(array ...$changes): Job
    {
        $job = Example::joint();
        foreach ($changes as [$path, $value]) {
            $job = Example::with($job, $path, $value);
        }

        return Example::read($job)->job;
    }

    private static function isOut(Plan $plan): bool
    {
        foreach ($plan->obstacles as $obstacle) {
            if (ObstacleCode::CutOut === $obstacle->code) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Event> of end A */
    private static function cuts(string $insulation): array
    {
        return [
            self::cut(Cut::Oversheath, '250'),
            self::cut(Cut::MetallicScreen, '215'),
            self::cut(Cut::InsulationScreen, '165'),
            self::cut(Cut::Insulation, $insulation),
        ];
    }

    private static function cut(Cut $cut, string $typed): CutMeasured
    {
        return new CutMeasured(MarkPlace::of(End::A, $cut), Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule));
    }
}
