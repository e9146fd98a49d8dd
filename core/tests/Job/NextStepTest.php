<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Job;

use Berm\Core\Check\CheckKind;
use Berm\Core\Job\NextStep;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** One joint taken from its permit to its record by doing, each time, the one thing Berm says is next. */
final class NextStepTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Step, string}> */
    public static function whatIsMissing(): iterable
    {
        $job = Example::with(Example::joint(), 'log', [self::safe()]);
        yield 'the permit' => [Example::joint(), Step::Safety, 'Confirm that it is safe to start'];
        yield 'the kit' => [Example::with($job, 'kit', null), Step::Kit, 'Choose the kit'];
        yield 'the connector' => [Example::with($job, 'connector', null), Step::Connector, 'Choose the connector'];
        yield 'a reading' => [Example::with($job, 'ends.A.readings.insulation', []), Step::Cables, 'Measure what is missing on the cables'];
        yield 'where it will be' => [Example::with($job, 'kit.sheet.places', ['buried']), Step::Kit, 'Say where it will be'];
        yield 'a kit that fits' => [
            Example::with($job, 'ends.A.readings.insulation', Example::readings('16.4')), Step::Kit, 'Choose a kit that fits',
        ];
        yield 'a connector that fits' => [
            Example::with($job, 'ends.B.cable.conductor.material', 'copper'), Step::Connector, 'Choose a connector that fits',
        ];
    }

    /** @param array<string, mixed> $job */
    #[Test]
    #[DataProvider('whatIsMissing')]
    public function whatStandsInTheWayIsTheNextThingToDo(array $job, Step $step, string $title): void
    {
        self::assertSame([$step, $title], self::said(self::next($job)));
    }

    #[Test]
    public function doingEachTimeWhatIsNextEndsAtTheRecord(): void
    {
        $log = [self::safe()];
        $titles = [];
        $next = self::next(self::joint($log));
        for (; Step::Record !== $next->step && \count($titles) < 40; $next = self::next(self::joint($log))) {
            $titles[] = self::said($next)[1];
            $log[] = self::entry(\count($log), self::done($next));
        }
        self::assertSame([
            'Kit complete, undamaged, in date; leaflet read',
            'Cable dry and sound: no water, oil or kink',
            'Park the outer sleeve on end A', 'Park the stress tube on end A',
            'Cut the oversheath, end A', 'Cut the metallic screen, end A', 'Cut the insulation screen, end A', 'Cut the insulation, end A',
            'Cut the oversheath, end B', 'Cut the metallic screen, end B', 'Cut the insulation screen, end B', 'Cut the insulation, end B',
            'Insulation smooth and clean; no nick, no trace of the insulation screen, end A',
            'Insulation smooth and clean; no nick, no trace of the insulation screen, end B',
            'Conductor fully home, brushed and greased as it needs, end A',
            'Conductor fully home, brushed and greased as it needs, end B',
            'Which phase it is at both its ends, and how that was proved',
            'Fit the connector',
            'Before the flame: solvent dry, its wipes away, gas and oxygen tested within the local limits, extinguisher at hand',
            'Crimps or bolts all made, in order, burrs and fins taken off',
            'Connector, indents and screen steps filled, no air',
            'Stress control lies over the edge of the insulation screen, as far as the leaflet says, end A',
            'Stress control lies over the edge of the insulation screen, as far as the leaflet says, end B',
            'Insulation where the leaflet has it, no void, fold, scorch or flat spot',
            'Outer conductive layer over all of the insulation, meeting the insulation screen at both ends',
            'Metallic screen joined through with its full cross-section, tight, its ends smooth',
            'Sealed: sealant seen all round, on clean and roughened oversheath, end A',
            'Sealed: sealant seen all round, on clean and roughened oversheath, end B',
            'Oversheath restored, over the old one at both ends as far as the leaflet says',
            'Which phase it is at both its ends, proved again',
            'Cooled or set before it was moved',
            'Smooth and even all over; supported, not bent near its ends',
            'Nothing is left in the box that should be in the accessory',
            'Labelled, phases marked',
            'Tested as local rules say',
        ], $titles, 'the part that lies farthest out in the joint goes on first (common practice)');
        self::assertSame('Read and hand over the record', self::said($next)[1]);
    }

    #[Test]
    public function aCutThatIsOutComesBackUntilAnEngineerAcceptsIt(): void
    {
        $out = [
            self::safe(),
            self::parked(1, 'outer-sleeve'),
            self::parked(2, 'stress-tube'),
            self::entry(3, self::cut('A', 'oversheath', '290')),
        ];
        self::assertSame('Put right the oversheath, end A', self::said(self::next(self::joint($out)))[1]);
        $accepted = [
            ...$out,
            self::entry(4, ['kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'oversheath', 'reason' => 'the sleeve reaches']),
        ];
        self::assertSame('Kit complete, undamaged, in date; leaflet read', self::said(self::next(self::joint($accepted)))[1]);
    }

    /**
     * What a jointer does on being told, at the mark that the plan gives.
     *
     * @return array<string, mixed>
     */
    private static function done(NextStep $next): array
    {
        $end = $next->task?->where->end->value ?? '';
        $isPhase = CheckKind::Phase === $next->task?->check?->question->kind();

        return match (true) {
            null !== $next->task?->item => ['kind' => 'part-parked', 'end' => $end, 'part' => $next->task->item->key],
            null !== $next->task?->mark => self::cut(
                $end, $next->task->mark->place->cut->value, (string) $next->task->mark->at->inMillimetres(),
            ),
            null !== $next->task?->checkPlace() => [
                'kind' => 'check-made', 'stage' => $next->task->checkPlace()->stage, 'check' => $next->task->checkPlace()->check,
                ...('' === $end ? [] : ['end' => $end]),
                ...($isPhase ? ['phase' => 'L1', 'by' => 'continuity'] : ['seen' => true]),
            ],
            default => ['kind' => 'connector-fitted', 'batch' => 'B1'],
        };
    }

    /** @return array<string, mixed> */
    private static function cut(string $end, string $cut, string $typed): array
    {
        return [
            'kind' => 'cut-measured',
            'end' => $end,
            'cut' => $cut,
            'reading' => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'steel-rule'],
        ];
    }

    /** @return array<string, mixed> */
    private static function parked(int $number, string $part): array
    {
        return self::entry($number, ['kind' => 'part-parked', 'end' => 'A', 'part' => $part]);
    }

    /** @return array<string, mixed> */
    private static function safe(): array
    {
        return self::entry(
            0,
            [
                'kind' => 'safety-confirmed',
                'permit' => 'P1',
                'confirmedBy' => 'Test',
                'confirmedAt' => '2026-03-14T08:00:00+01:00',
                'identified' => true,
                'isolated' => true,
                'provedDead' => true,
                'earthed' => true,
            ],
        );
    }

    /**
     * @param array<string, mixed> $event
     *
     * @return array<string, mixed>
     */
    private static function entry(int $number, array $event): array
    {
        return ['id' => "entry-$number", 'by' => 'Test', 'at' => '2026-03-14T08:30:00+01:00', 'event' => $event];
    }

    /**
     * @param list<array<string, mixed>> $log
     *
     * @return array<string, mixed>
     */
    private static function joint(array $log): array
    {
        return Example::with(Example::joint(), 'log', $log);
    }

    /** @param array<string, mixed> $job */
    private static function next(array $job): NextStep
    {
        return self::plan($job)->next();
    }

    /** @param array<string, mixed> $job */
    private static function plan(array $job): Plan
    {
        $file = Example::read($job);

        return Plan::ofLog($file->job, $file->log);
    }

    /** @return array{Step, string} */
    private static function said(NextStep $next): array
    {
        return [$next->step, (new Reader(LengthUnit::Millimetre))->say($next->title)];
    }
}
