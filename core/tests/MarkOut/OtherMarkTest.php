<?php

declare(strict_types=1);

namespace Berm\Core\Tests\MarkOut;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\OtherMark;
use Berm\Core\MarkOut\OtherMarkKind;
use Berm\Core\MarkOut\SeenMark;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Marks that are no cuts lie beside the cuts and are measured from the same datums. */
final class OtherMarkTest extends TestCase
{
    #[Test]
    public function theInsertionMarkIsAsDeepAsTheBore(): void
    {
        $plan = self::plan('harrow-sock-28');
        foreach (End::cases() as $end) {
            $mark = self::mark($plan, $end, OtherMarkKind::Insertion);
            self::assertTrue($plan->job->connector?->barrels->at($end)->depth->equals($mark->at));
            self::assertNull($mark->to);
        }
    }

    /** Trade: the marker lies 1 1/2 in off the screen edge on the parked side only, which is where the body begins (common practice). */
    #[Test]
    public function aMarkerThatComesOffAgainLiesOnTheParkedSideOnly(): void
    {
        $plan = self::plan('harrow-sock-28');
        $markers = array_values(array_filter($plan->otherMarks, static fn (OtherMark $one): bool => OtherMarkKind::Marker === $one->kind));
        self::assertSame([End::A], array_map(static fn (OtherMark $one): End => $one->end, $markers));
        $screen = $plan->markOut?->mark(End::A, Cut::InsulationScreen);
        self::assertSame('38.1 mm', $markers[0]->at->minus($screen->at ?? $markers[0]->at)->toText(), '1 1/2 in');
        self::assertSame('19.05 mm', $markers[0]->to?->minus($markers[0]->at)->toText());
    }

    #[Test]
    public function aZoneAcrossTheJointEndsOnEachEndAndIsSeenFromTheCentreToo(): void
    {
        $plan = self::plan('quillon-core-17');
        $a = self::mark($plan, End::A, OtherMarkKind::Zone);
        $b = self::mark($plan, End::B, OtherMarkKind::Zone);
        self::assertTrue($a->at->equals($b->at));
        self::assertNull($a->to, 'it goes on to the other end');
        \assert(null !== $plan->markOut);
        [$fromEnd, $fromCentre, $fromSheath] = SeenMark::ofPlace($plan->markOut, $plan->build, End::A, null, $a->at, $a->window($a->at));
        self::assertTrue($fromEnd->at->equals($a->at));
        self::assertGreaterThan($fromEnd->at->nanometres, $fromCentre->at->nanometres);
        $sheath = $plan->markOut->mark(End::A, Cut::Oversheath);
        self::assertTrue($sheath?->at->minus($a->at)->equals($fromSheath->at));
    }

    private static function mark(Plan $plan, End $end, OtherMarkKind $kind): OtherMark
    {
        foreach ($plan->otherMarks as $mark) {
            if ($mark->end === $end && $mark->kind === $kind) {
                return $mark;
            }
        }
        self::fail("no $kind->value on end $end->value");
    }

    private static function plan(string $sheet): Plan
    {
        return Plan::of(Demo::corner($sheet), BuildState::nothingDone());
    }
}
