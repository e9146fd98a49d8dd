<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\LapAccepted;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measured;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Section\Ruling;
use Berm\Core\Section\RulingPlace;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use Berm\Core\Wire\SectionJson;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Three cores: what lies alike is worked out and said once; what goes round all of them is held once. */
final class OtherCoresTest extends TestCase
{
    /** What a rule is about decides whether it is held on each core: the breakout lies on the sheath, the tubes on a core. */
    #[Test]
    public function aRuleAboutWhatGoesRoundAllCoresIsHeldOnce(): void
    {
        $cores = [];
        foreach (self::plan(null)->rulings as $ruling) {
            $cores[self::ruleOf($ruling)][] = $ruling->place->where->core;
        }
        self::assertNotEmpty(array_filter($cores, static fn (array $of): bool => [1, 2, 3] === $of), 'some are of each core');
        self::assertNotEmpty(array_filter($cores, static fn (array $of): bool => [null] === $of), 'some are of the cable');
        foreach ($cores as $rule => $of) {
            self::assertContains($of, [[1, 2, 3], [null]], $rule);
        }
        foreach (self::plan(null)->rulings as $ruling) {
            if (\in_array($ruling->place->of?->asLayer(), [LayerKind::Oversheath, LayerKind::Armour], true)) {
                self::assertNull($ruling->place->where->core, self::ruleOf($ruling));
            }
        }
    }

    #[Test]
    public function coresOnWhichAllLiesAlikeAreSaidByTheirNumbers(): void
    {
        $section = SectionJson::of(self::plan(null));
        self::assertSame(1, $section['core'] ?? null);
        self::assertSame([['core' => 2, 'lies' => null], ['core' => 3, 'lies' => null]], $section['otherCores'] ?? null);
    }

    /** 176.5 mm where 178 mm was asked, and half of the stop of 8 mm beyond: -180.5 mm on that core, -182 mm on the others. */
    #[Test]
    public function aCoreThatWasCutOtherwiseIsSaidWholeWithTheRulesThatHoldOnIt(): void
    {
        $section = SectionJson::of(self::plan(2)) ?? [];
        $others = $section['otherCores'] ?? null;
        self::assertIsArray($others);
        $edges = ['own' => self::screenEdge($section)];
        foreach ($others as $other) {
            self::assertIsArray($other);
            $edges[] = [$other['core'], null === $other['lies'] ? null : self::screenEdge($other['lies'])];
        }
        self::assertSame(['own' => -182.0, [2, -180.5], [3, null]], $edges);
        $rules = $section['rules'] ?? null;
        self::assertIsArray($rules);
        $of = static fn (int $core): int => \count(array_filter(
            $rules, static fn (mixed $rule): bool => \is_array($rule) && $core === $rule['core'],
        ));
        self::assertGreaterThan($of(2), $of(1), 'what holds on core 2 as on core 1 is not said again');
        self::assertGreaterThan(0, $of(2), 'what was cut otherwise comes to something else');
        self::assertSame(0, $of(3), 'those of core 1 are those of core 3');
    }

    /** It was written when such a rule was held core by core: what an engineer let stand goes on standing. */
    #[Test]
    public function whatWasLetStandOnACoreCountsForWhatGoesRoundAll(): void
    {
        $plan = self::plan(null);
        [$ofCable, $ofCore] = [null, null];
        foreach ($plan->rulings as $ruling) {
            $ofCable = null === $ruling->place->where->core ? $ruling : $ofCable;
            $ofCore = 2 === $ruling->place->where->core ? $ruling : $ofCore;
        }
        self::assertNotNull($ofCable);
        self::assertNotNull($ofCore);
        $onCore = static fn (Ruling $ruling, int $core): LapAccepted => new LapAccepted(RulingPlace::of(
            $ruling->place->item, $ruling->place->rule, $ruling->place->of, Where::of($ruling->place->where->end, $core),
        ), 'taped');
        $build = static fn (LapAccepted $accepted): BuildState => BuildState::fold([
            Entry::of('e', 'engineer', new \DateTimeImmutable(Written::AT), $accepted),
        ]);
        self::assertNotNull($build($onCore($ofCable, 1))->acceptanceOf($ofCable));
        self::assertNull($build($onCore($ofCore, 1))->acceptanceOf($ofCore), 'but what lies on a core is let stand on that core');
        self::assertNotNull($build($onCore($ofCore, 2))->acceptanceOf($ofCore));
    }

    /** The same number at the other end, or read more coarsely, is not the same. */
    #[Test]
    public function coresAreAlikeOnlyWhereTheSameWasMeasuredAtTheSamePlaceAsFinely(): void
    {
        $job = Demo::corner('quillon-pairs-36');
        $task = null;
        foreach (Written::plan($job, [Written::safe()])->progress?->tasks() ?? [] as $one) {
            $isRead = null !== $one->possible && null !== $one->checkPlace() && null !== $one->where->end && null !== $one->where->core;
            $task ??= $isRead ? $one : null;
        }
        $place = $task?->checkPlace() ?? self::fail('a length is read on each core');
        $typed = (string) round($task->possible?->length->nominal->inMillimetres() ?? 0);
        $read = static fn (int $core, End $end, Instrument $instrument): CheckMade => new CheckMade(
            CheckPlace::of($place->stage, $place->check, Where::of($end, $core), null),
            new Measured(Reading::typed($typed, LengthUnit::Millimetre, $instrument)),
        );
        $alike = static function (CheckMade ...$made) use ($job): bool {
            $plan = Written::plan($job, [Written::safe(), ...array_values($made)]);
            [$one, $two] = [$plan->sectionOf(1), $plan->sectionOf(2)];

            return true === ($one?->items === $two?->items);
        };
        $first = $read(1, End::A, Instrument::Caliper);
        self::assertTrue($alike($first, $read(2, End::A, Instrument::Caliper)));
        self::assertFalse($alike($first, $read(2, End::B, Instrument::Caliper)), 'at the other end');
        self::assertFalse($alike($first, $read(2, End::A, Instrument::SteelRule)), 'more coarsely');
    }

    private static function plan(?int $cutOn): Plan
    {
        $cables = ['A' => 'iec-3x95-al-12-steel-wire', 'B' => 'iec-3x95-al-12-steel-wire'];
        $job = Demo::job('quillon-wire-joint-12', '95', 'tallis-shear-95-150', $cables, 'buried');
        $reading = Reading::typed('176.5', LengthUnit::Millimetre, Instrument::SteelRule);

        return Written::plan($job, [
            Written::safe(),
            ...null === $cutOn ? [] : [new CutMeasured(MarkPlace::of(End::A, Cut::InsulationScreen, $cutOn), $reading)],
        ]);
    }

    private static function ruleOf(Ruling $ruling): string
    {
        return "{$ruling->place->item} {$ruling->place->rule->value} {$ruling->place->of?->key} {$ruling->place->where->end?->value}";
    }

    private static function screenEdge(mixed $lying): float
    {
        self::assertIsArray($lying);
        self::assertIsArray($lying['layers']);
        foreach ($lying['layers'] as $layer) {
            self::assertIsArray($layer);
            if ('insulation-screen' === $layer['key'] && 'A' === $layer['end']) {
                self::assertIsFloat($layer['toMm']);

                return $layer['toMm'];
            }
        }
        self::fail('it has a screen');
    }
}
