<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Material;

use Berm\Core\Build\BuildState;
use Berm\Core\Job\Plan;
use Berm\Core\Material\Requirement;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is over in the box at the end names the step that was left out. */
final class LeftOverTest extends TestCase
{
    #[Test]
    public function aPieceTooManyNamesEveryPlaceThatItCouldBelongTo(): void
    {
        $springs = self::of('quillon-core-17', 'spring');
        self::assertSame([2, 2], [$springs->pieces, $springs->count]);
        self::assertNull($springs->missed(0));
        self::assertSame(
            'Springs: 1 more over than there should be. Look at spring, end A; spring, end B.',
            (new Reader(LengthUnit::Millimetre))->say($springs->missed(1) ?? self::fail('one is over')),
        );
    }

    #[Test]
    public function onThreeCoresEachIsNamed(): void
    {
        $tubes = self::of('quillon-armour-12', 'stress-tube');
        self::assertCount(6, $tubes->places);
        self::assertContains('stress tube, end B, core 3', $tubes->places);
        self::assertNotNull($tubes->missed($tubes->count - $tubes->pieces + 1));
        self::assertNull($tubes->missed($tubes->count - $tubes->pieces));
    }

    #[Test]
    public function ofWhatIsWoundARestIsNoSign(): void
    {
        self::assertNull(self::of('quillon-core-17', 'stress-mastic')->missed(2));
    }

    private static function of(string $sheet, string $stock): Requirement
    {
        foreach (Plan::of(Demo::corner($sheet), BuildState::nothingDone())->materials as $requirement) {
            if ($stock === $requirement->stock->key) {
                return $requirement;
            }
        }
        self::fail("nothing takes $stock");
    }
}
