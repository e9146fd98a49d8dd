<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Parking;

use Berm\Core\Build\BuildState;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Part;
use Berm\Core\Parking\ParkingPlan;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ParkingPlanTest extends TestCase
{
    #[Test]
    public function everythingWaitsOnItsPreferredEndNoseToTailTheLastInstalledThreadedFirst(): void
    {
        $parking = self::parking('2500 mm', '900 mm');
        self::assertSame(['outer-sleeve', 'stress-tube'], self::keys($parking, 'A'));
        self::assertSame(['1160 mm', '1340 mm'], [$parking->sides[0]->needed->toText(), $parking->sides[0]->spare()?->toText()]);
        self::assertSame([], self::keys($parking, 'B'));
        self::assertTrue($parking->fits());
    }

    #[Test]
    public function withoutRoomAPartMovesToTheOtherEndWhereTheKitAllowsIt(): void
    {
        $parking = self::parking('1159.9 mm', '900 mm');
        self::assertSame([['stress-tube'], ['outer-sleeve']], [self::keys($parking, 'A'), self::keys($parking, 'B')]);
        self::assertTrue($parking->fits());
    }

    #[Test]
    public function whereNoSplitFitsThePreferredOneIsShortByWhatIsMissing(): void
    {
        $parking = self::parking('1000 mm', '700 mm');
        self::assertFalse($parking->fits());
        self::assertSame('-160 mm', $parking->sides[0]->spare()?->toText());
    }

    #[Test]
    public function anUnmeasuredLengthIsAskedForAndNotAssumed(): void
    {
        $plan = Plan::of(Example::read(Example::with(Example::joint(), 'ends.A.freeLength', null))->job, BuildState::nothingDone());
        self::assertStringContainsString('measure the straight, clean length free for parking', $plan->obstacles[1]->reason->template);
    }

    /** @return list<string> */
    private static function keys(ParkingPlan $parking, string $end): array
    {
        return array_map(static fn (Part $part): string => $part->key, $parking->sides['A' === $end ? 0 : 1]->parts);
    }

    private static function parking(string $freeOnA, string $freeOnB): ParkingPlan
    {
        $job = Example::with(Example::with(Example::joint(), 'ends.A.freeLength', $freeOnA), 'ends.B.freeLength', $freeOnB);

        return Plan::of(Example::read($job)->job, BuildState::nothingDone())->parking ?? self::fail('no parking plan');
    }
}
