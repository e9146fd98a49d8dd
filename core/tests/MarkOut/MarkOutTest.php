<?php

declare(strict_types=1);

namespace Berm\Core\Tests\MarkOut;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Datum;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class MarkOutTest extends TestCase
{
    /** Source of the strip rule: common practice, half the connector + 5 mm. */
    #[Test]
    public function crimpedJointsAreStrippedHalfTheConnectorAndAnAllowance(): void
    {
        self::assertSame(['250 mm', '215 mm', '165 mm', '57 mm'], self::places(self::markOut(Example::joint()), End::A));
    }

    /** Source of the strip rule: common practice, butt, since shear bolts do not lengthen the connector. */
    #[Test]
    public function shearBoltConnectorsButt(): void
    {
        self::assertSame(
            ['245 mm', '210 mm', '160 mm', '52 mm'],
            self::places(self::markOut(Example::with(Example::joint(), 'connector', Example::connector('shear-bolt'))), End::B),
        );
    }

    /** Source of the strip rule: common practice, the lug's bore depth + 3 mm. */
    #[Test]
    public function terminationsAreStrippedToTheLugsBore(): void
    {
        $markOut = self::markOut(Example::termination());
        self::assertSame(['252 mm', '217 mm', '167 mm', '59 mm'], self::places($markOut, End::A));
        self::assertSame([Datum::CableEnd, Datum::LugHole, Datum::OversheathCut], $markOut->datums());
        self::assertSame(
            '89 mm',
            $markOut->from(Datum::LugHole, End::A, self::mark($markOut, Cut::Insulation)->at, Length::ofMillimetres(252))->toText(),
            'hole to mouth 86 less bore 56, and 59',
        );
        $window = $markOut->windowFrom(Datum::LugHole, End::A, self::mark($markOut, Cut::Insulation)->window(), Length::ofMillimetres(252));
        self::assertSame(['89 mm', '90 mm'], [$window->min?->toText(), $window->max?->toText()], 'the sheet allows 1 mm more');
    }

    /**
     * The wall under the blade is that of this cable: 0.3 mm off a wall of 4 mm, and off 4.5 mm where it measures 20.5 mm over the
     * insulation.
     */
    #[Test]
    public function theBladeIsSetToTheWallOfTheOwnEnd(): void
    {
        $markOut = self::markOut(Example::with(Example::joint(), 'ends.B.readings.insulation', Example::readings('20.5')));
        self::assertSame('3.7 mm', $markOut->mark(End::A, Cut::Insulation)?->depth?->toText());
        self::assertSame('4.2 mm', $markOut->mark(End::B, Cut::Insulation)?->depth?->toText());
    }

    /**
     * A band of 30 mm of armour stays, wherever the sheath was really cut; a mark that is laid from the cable end stays where it is, so
     * that errors do not add up. Common practice.
     */
    #[Test]
    public function onlyAMarkThatIsLaidFromAnEdgeGoesWithIt(): void
    {
        foreach (['osterwick-drawn-3c-12' => -3.0, 'marlpike-sets-24' => 0.0] as $sheet => $moves) {
            $exact = self::marksOn($sheet, Cut::MetallicScreen, static fn (): int => 0);
            $short = static fn (Mark $one): int => Cut::Oversheath === $one->place->cut ? -3 : 0;
            $other = self::marksOn($sheet, Cut::MetallicScreen, $short);
            self::assertEqualsWithDelta($moves, $other['armour '] - $exact['armour '], 1e-6, $sheet);
            self::assertEqualsWithDelta($moves, $other['bedding '] - $exact['bedding '], 1e-6, 'and what is laid from that, in turn');
        }
    }

    /** Each core's screen is marked from its own copper; one whose edge is cut later is marked where that is planned. */
    #[Test]
    public function aMarkGoesWithTheEdgeOfItsOwnCoreAndNotWithOneThatIsCutLater(): void
    {
        $further = static fn (Mark $one): int => $one->place->cut->isOfCore() ? [1 => 1, 2 => -1, 3 => 0][$one->place->core ?? 3] : 0;
        $marks = self::marksOn('quillon-pairs-36', Cut::Insulation, $further);
        self::assertEqualsWithDelta(-2.0, $marks['insulation-screen 2'] - $marks['insulation-screen 1'], 1e-6);
        self::assertEqualsWithDelta(-1.0, $marks['insulation-screen 3'] - $marks['insulation-screen 1'], 1e-6);
        $marks = self::marksOn('osterwick-resin-12', Cut::Insulation, $further);
        self::assertSame([265.0, 265.0], [$marks['metallic-screen 1'], $marks['metallic-screen 2']], '80 mm past a screen of 185 mm');
    }

    /**
     * Where the marks of end A stand while it is cut.
     *
     * @param Cut                 $until   the first that is not looked at any more
     * @param \Closure(Mark): int $further each is cut so many mm further than its mark
     *
     * @return array<string, float> in mm, by cut and core
     */
    private static function marksOn(string $sheet, Cut $until, \Closure $further): array
    {
        $places = [];
        try {
            Built::toTheEnd(Demo::corner($sheet), static function (Mark|Task $one) use (&$places, $until, $further): ?Length {
                if (!$one instanceof Mark || End::A !== $one->place->end) {
                    return null;
                }
                $until === $one->place->cut && throw new \OutOfRangeException('that is enough');
                $places[$one->place->cut->value.' '.$one->place->core] = $one->at->inMillimetres();

                return $one->at->plus(Length::ofMillimetres($further($one)));
            });
        } catch (\OutOfRangeException) {
        }

        return $places;
    }

    #[Test]
    public function aMarkIsTheSamePlaceFromEveryDatum(): void
    {
        $markOut = self::markOut(Example::joint());
        $mark = self::mark($markOut, Cut::InsulationScreen);
        $cutAt = Length::ofMicrometres(251_500);
        self::assertSame(
            '167 mm', $markOut->from(Datum::JointCentre, End::A, $mark->at, $cutAt)->toText(), 'half of the 4 mm centre stop further',
        );
        self::assertSame(
            '86.5 mm',
            $markOut->from(Datum::OversheathCut, End::A, $mark->at, $cutAt)->toText(),
            'from where the oversheath was really cut',
        );
        $window = $markOut->windowFrom(Datum::OversheathCut, End::A, $mark->window(), $cutAt);
        self::assertSame(['85.5 mm', '87.5 mm'], [$window->min?->toText(), $window->max?->toText()]);
    }

    #[Test]
    public function aMarkCarriesItsToolSettingAndItsWorking(): void
    {
        $job = Example::read(Example::joint())->job;
        $mark = self::mark(self::markOut(Example::joint()), Cut::Insulation);
        self::assertSame(['3.7 mm', true], [$mark->depth?->toText(), $mark->isDepthMeasured], 'half of 19.5 less 11.5, less 0.3');
        self::assertSame('104 mm / 2 + 5 mm = 57 mm', (new Reader($job->unit))->say($mark->working));
        self::assertFalse(
            self::mark(self::markOut(Example::with(Example::joint(), 'ends.A.readings', [])), Cut::Insulation)->isDepthMeasured,
        );
    }

    #[Test]
    public function marksThatWouldCrossAtTheirTolerancesAreRefusedInWords(): void
    {
        $sheet = Example::joint();
        $plan = Plan::of(
            Example::read(Example::with($sheet, 'kit.sheet.sizes.0.dimensions.tape_left', '4 mm'))->job, BuildState::nothingDone(),
        );
        self::assertNull($plan->markOut);
        self::assertSame(
            'End A: the metallic screen is cut at 215 mm, which does not lie inside the cut of the oversheath at 219 mm with both tolerances. This kit and connector do not go together.',
            (new Reader($plan->job->unit))->say($plan->obstacles[1]->reason),
        );
    }

    /** @return list<string> */
    private static function places(MarkOut $markOut, End $end): array
    {
        return array_map(static fn (Mark $mark): string => $mark->at->toText(), $markOut->marksOf($end, null));
    }

    private static function mark(MarkOut $markOut, Cut $cut): Mark
    {
        return $markOut->mark(End::A, $cut) ?? self::fail('the mark is missing');
    }

    /** @param array<string, mixed> $job */
    private static function markOut(array $job): MarkOut
    {
        return Plan::of(Example::read($job)->job, BuildState::nothingDone())->markOut ?? self::fail('the example cannot be marked out');
    }
}
