<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Places;
use Berm\Core\Section\Section;
use Berm\Core\Section\Standing;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class SectionTest extends TestCase
{
    #[Test]
    public function aJointLiesSymmetricallyAboutItsCentreWithHalfTheStopBetween(): void
    {
        $section = self::section(Example::joint());
        self::assertSame(['-167 mm', '-59 mm'], self::extent(self::layer($section, 'insulation', End::A)));
        self::assertSame(['59 mm', '167 mm'], self::extent(self::layer($section, 'insulation', End::B)));
        self::assertSame(['-52 mm', '52 mm'], self::extent($section->connector));
        self::assertSame(['-200 mm', '200 mm'], self::extent($section->items[0]));
        self::assertSame('9.75 mm', self::layer($section, 'insulation', End::A)->radius->toText());
    }

    #[Test]
    public function aTerminationStartsAtTheCableEndWithTheLugOverIt(): void
    {
        $section = self::section(Example::termination());
        self::assertSame(['0 mm', '59 mm'], self::extent(self::layer($section, 'conductor', End::A)));
        self::assertSame(['-4 mm', '56 mm'], self::extent($section->connector));
        self::assertSame(['-183 mm', '217 mm'], self::extent($section->items[0]), 'up to the cut of the metallic screen');
    }

    #[Test]
    public function theSectionChangesToWhatWasReallyCut(): void
    {
        $section = self::section(Example::joint(), '163');
        $screen = self::layer($section, 'insulation-screen', End::A);
        self::assertSame(['-217 mm', '-165 mm'], self::extent($screen));
        self::assertSame(
            [Standing::Out, Standing::Planned], [$screen->standing, self::layer($section, 'insulation-screen', End::B)->standing],
        );
    }

    /** Three cores: each lies where it was cut itself, and the sheath where it was cut once for all. */
    #[Test]
    public function eachCoreHasASectionOfItsOwn(): void
    {
        $cables = ['A' => 'iec-3x95-al-12-steel-wire', 'B' => 'iec-3x95-al-12-steel-wire'];
        $job = Demo::job('quillon-wire-joint-12', '95', 'tallis-shear-95-150', $cables, 'buried');
        $reading = static fn (string $typed): Reading => Reading::typed($typed, LengthUnit::Millimetre, Instrument::SteelRule);
        $plan = Written::plan($job, [
            Written::safe(),
            new CutMeasured(MarkPlace::of(End::A, Cut::Oversheath), $reading('1012')),
            new CutMeasured(MarkPlace::of(End::A, Cut::InsulationScreen, 2), $reading('176.5')),
        ]);
        $assembly = Assembly::of(
            $job->allCables() ?? self::fail('no cables'), self::got($job->sheet), self::got($job->size), self::got($job->connector),
            $job->site,
        );
        $markOut = self::got($plan->markOut);
        $of = static function (int $core) use ($plan, $assembly, $markOut): array {
            $section = Section::of($assembly, $markOut, $plan->build, new Places($assembly, $plan->build, $core));
            $screen = self::layer($section, 'insulation-screen', End::A);

            return [...self::extent($screen), $screen->standing, self::layer($section, 'oversheath', End::A)->to->toText()];
        };
        // The conductors end at a stop of 8 mm, half of it on each side: 176.5 + 4.
        self::assertSame(['-227 mm', '-180.5 mm', Standing::Out, '-1016 mm'], $of(2));
        self::assertSame(['-227 mm', '-182 mm', Standing::Planned, '-1016 mm'], $of(1));
        self::assertSame($of(1), $of(3));
    }

    #[Test]
    public function aPartThatCoversTooLittleIsSaidWithBothNumbers(): void
    {
        $laps = self::section(Example::joint())->rulings;
        self::assertSame(['33 mm', '8 mm'], [$laps[0]->value->toText(), $laps[0]->margin->nominal->toText()]);
        $short = self::section(Example::with(Example::joint(), 'kit.sheet.sizes.0.parts.stress-tube.length', '370 mm'))->rulings[0];
        self::assertSame(
            'End A: the stress tube would cover 18 mm of the insulation screen; the kit asks for 25 mm.',
            (new Reader(LengthUnit::Millimetre))->say($short->reason()),
        );
    }

    /** @param array<string, mixed> $job */
    private static function section(array $job, ?string $screenCut = null): Section
    {
        $log = null === $screenCut ? [] : [Entry::of(
            '1',
            'tester',
            new \DateTimeImmutable('2026-01-01T08:00:00Z'),
            new CutMeasured(
                MarkPlace::of(End::A, Cut::InsulationScreen), Reading::typed($screenCut, LengthUnit::Millimetre, Instrument::SteelRule),
            ),
        )];

        return Plan::of(Example::read($job)->job, BuildState::fold($log))->section ?? self::fail('no section');
    }

    private static function layer(Section $section, string $key, End $end): Interval
    {
        foreach ($section->layers as $layer) {
            if ($layer->key() === $key && $layer->end === $end) {
                return $layer;
            }
        }
        self::fail("no $key");
    }

    /** @return array{string, string} */
    private static function extent(Interval|PlacedItem $one): array
    {
        return $one instanceof Interval
            ? [$one->from->toText(), $one->to->toText()]
            : [$one->from->nominal->toText(), $one->to->nominal->toText()];
    }

    /**
     * @template T of object
     *
     * @param T|null $value
     *
     * @return T
     */
    private static function got(?object $value): object
    {
        return $value ?? self::fail('it is not there');
    }
}
