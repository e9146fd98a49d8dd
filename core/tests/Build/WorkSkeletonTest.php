<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\Withdrawn;
use Berm\Core\Build\Task;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Looked;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Tests\Example;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A sheet without stages of its own is built by the order that every accessory of its kind has. Common practice. */
final class WorkSkeletonTest extends TestCase
{
    private const TAIL = ['fill', 'stress', 'insulation', 'outer', 'screen', 'seal', 'sheath', 'end'];

    #[Test]
    public function aJointHasOuterLayerAndSheathAndATerminationItsEarth(): void
    {
        self::assertSame(['begin', 'park', 'cut', 'connector', ...self::TAIL], self::stages(Example::joint()));
        self::assertSame(
            ['begin', 'park', 'cut', 'connector', 'fill', 'stress', 'insulation', 'screen', 'seal', 'end'],
            self::stages(Example::termination()),
        );
        self::assertSame(['screen-through'], self::open(Example::joint(), 'screen'));
        self::assertSame(['earth'], self::open(Example::termination(), 'screen'));
        self::assertSame(['complete', 'sound'], self::open(Example::joint(), 'begin'));
        self::assertSame(['clean', 'clean', 'home', 'home', 'phase-before', ''], self::open(Example::joint(), 'connector'));
        self::assertSame('phase-after', self::open(Example::joint(), 'end')[0] ?? null);
    }

    #[Test]
    public function armourIsAskedForWhereACableHasIt(): void
    {
        $cut = static fn (string $cut, string $distance): array => ['cut' => $cut, 'tool' => 'knife', 'cases' => [[
            'distance' => "cut_metallic_screen + $distance", 'tolerance' => ['below' => '1 mm', 'above' => '1 mm'],
            'reason' => 'As the test has it.',
        ]]];
        $armoured = Example::joint();
        foreach ([
            'ends.B.cable.armour' => 'steel-wire',
            'ends.B.readings.bedding' => Example::readings('22.5'),
            'ends.B.readings.armour' => Example::readings('24'),
            'kit.sheet.armours' => ['none', 'steel-wire'],
            'kit.sheet.cuts' => [...self::cuts($armoured), $cut('armour', '15 mm'), $cut('bedding', '5 mm')],
        ] as $path => $value) {
            $armoured = Example::with($armoured, $path, $value);
        }
        self::assertContains('armour', self::stages($armoured));
        self::assertNotContains('armour', self::stages(Example::joint()));
    }

    /** A flame is asked about where the kit shrinks by it. */
    #[Test]
    public function aFlameIsAskedAboutWhereThereIsOne(): void
    {
        self::assertSame('before-the-flame', self::open(Example::joint(), 'fill')[0] ?? null);
        self::assertSame('fixed', self::open(Example::with(Example::joint(), 'kit.sheet.technology', 'cold-shrink'), 'fill')[0] ?? null);
    }

    #[Test]
    public function whatComesUponTheConnectorIsNotSeenBeforeItAndEachStageInItsTurn(): void
    {
        $ready = self::ready();
        $fixed = self::look('fill', 'fixed');
        self::assertStringContainsString('Kit complete', (string) Written::refusal(self::plan(self::job(), $ready), $fixed));
        $fitted = [...Written::seen(self::job(), $ready, 'begin', 'connector'), new ConnectorFitted('B-1')];
        self::assertNull(Written::refusal(self::plan(self::job(), $fitted), $fixed));
        self::assertStringContainsString(
            'Before the flame', (string) Written::refusal(self::plan(self::job(), $fitted), self::look('insulation', 'insulation')),
        );
        self::assertNull(Written::refusal(
            self::plan(self::job(), Written::seen(self::job(), $fitted, 'fill', 'stress')), self::look('insulation', 'insulation'),
        ));
    }

    #[Test]
    public function itIsCompleteOnceEverythingWasSeen(): void
    {
        $fitted = [...Written::seen(self::job(), self::ready(), 'begin', 'connector'), new ConnectorFitted('B-1')];
        self::assertFalse(self::plan(self::job(), $fitted)->completion()->isDone());
        self::assertStringContainsString(
            'tasks are open', (string) Written::refusal(self::plan(self::job(), $fitted), new HandedOver('Somebody')),
        );
        $all = Written::seen(self::job(), $fitted, ...self::TAIL);
        self::assertTrue(self::plan(self::job(), $all)->completion()->isDone());
        $no = [...$all, new CheckMade(CheckPlace::of('seal', 'sealed', Where::of(End::B, null), null), Looked::andItIsNot())];
        self::assertFalse(self::plan(self::job(), $no)->completion()->isDone(), 'one that is not so');
    }

    /** What was built before Berm asked for more is complete as it was. */
    #[Test]
    public function anOldLogIsWhatItWas(): void
    {
        $old = self::plan(self::job(), [...self::ready(), new ConnectorFitted('B-1')]);
        self::assertTrue($old->completion()->isDone());
        self::assertFalse($old->progress?->isLaidOut());
    }

    #[Test]
    public function whatRestsOnAnotherIsWithdrawnFirst(): void
    {
        $seen = Written::seen(self::job(), self::ready(), 'begin', 'connector');
        $log = [...$seen, new ConnectorFitted('B-1'), self::look('fill', 'before-the-flame')];
        $plan = self::plan(self::job(), $log);
        $withdraw = static fn (int $entry): ?string => Written::refusal($plan, new Withdrawn("entry-$entry", 'by mistake'));
        $last = \count($log) - 1;
        self::assertNull($withdraw($last));
        self::assertStringContainsString('it was seen on the connector', (string) $withdraw($last - 1));
        self::assertStringContainsString('The connector rests on it', (string) $withdraw($last - 2));
        $without = self::plan(self::job(), [...$log, new Withdrawn("entry-$last", 'by mistake')]);
        self::assertNull(Written::refusal($without, new Withdrawn('entry-'.($last - 1), 'by mistake')), 'then the connector may');
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<string>
     */
    private static function stages(array $job): array
    {
        return array_column(array_column(self::plan(self::job($job), [])->progress->stages ?? [], 'stage'), 'key');
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<string> the checks of a stage
     */
    private static function open(array $job, string $stage): array
    {
        $tasks = self::plan(self::job($job), [])->progress?->stage($stage)->tasks ?? [];

        return array_map(static fn (Task $task): string => $task->check->key ?? '', $tasks);
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return array<mixed>
     */
    private static function cuts(array $job): array
    {
        $cuts = \is_array($job['kit'] ?? null) && \is_array($job['kit']['sheet']) ? $job['kit']['sheet']['cuts'] : [];

        return \is_array($cuts) ? $cuts : [];
    }

    private static function look(string $stage, string $check): CheckMade
    {
        return new CheckMade(CheckPlace::of($stage, $check, Where::of(null, null), null), Looked::andItIsSo());
    }

    /** @return list<Event> all is parked and cut */
    private static function ready(): array
    {
        $events = [Written::safe(), new PartParked(End::A, 'outer-sleeve'), new PartParked(End::A, 'stress-tube')];
        foreach (self::plan(self::job(), $events)->markOut?->all() ?? [] as $mark) {
            $events[] = new CutMeasured($mark->place, self::read($mark->at));
        }

        return $events;
    }

    private static function read(Length $at): Reading
    {
        return Reading::typed(
            $at->toText(), LengthUnit::Millimetre, Instrument::SteelRule,
        );
    }

    /** @param list<Event> $events */
    private static function plan(Job $job, array $events): Plan
    {
        return Written::plan($job, $events);
    }

    /** @param array<string, mixed>|null $job */
    private static function job(?array $job = null): Job
    {
        return Example::read($job ?? Example::joint())->job;
    }
}
