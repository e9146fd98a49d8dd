<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Cable\End;
use Berm\Core\Check\AgeWithin;
use Berm\Core\Check\Answer;
use Berm\Core\Check\Counted;
use Berm\Core\Check\CountWithin;
use Berm\Core\Check\Identified;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Made;
use Berm\Core\Check\Measured;
use Berm\Core\Check\Note;
use Berm\Core\Check\Noted;
use Berm\Core\Check\PhaseKnown;
use Berm\Core\Check\ProvedBy;
use Berm\Core\Check\Tightened;
use Berm\Core\Check\TorqueWithin;
use Berm\Core\Check\Waited;
use Berm\Core\Check\WaitSince;
use Berm\Core\Job\Obstacle;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Every sheet of the demo, planned on a cable of the standards' and built to the end by doing what is said to be next. */
final class DemoSheetsTest extends TestCase
{
    #[Test]
    #[DataProvider('systems')]
    public function aSheetIsPlannedCheckedAndBuiltToTheEnd(
        string $kit, string $size, string $connector, string $cableA, string $cableB, string $place,
    ): void {
        $job = Demo::job(
            $kit,
            $size,
            $connector,
            array_filter(['A' => $cableA, 'B' => $cableB], static fn (string $cable): bool => '' !== $cable),
            $place,
        );
        $log = Written::log($job, [Written::safe()]);
        self::assertSame([], self::obstacles(Plan::ofLog($job, $log)));
        $minutes = 0;
        for ($i = 1; $i < 400; ++$i) {
            $plan = Plan::ofLog($job, $log);
            $task = $plan->next()->task;
            if (null === $task) {
                break;
            }
            $event = self::doing($task, $plan);
            self::assertSame('', self::refusal($plan, $event), $task->title->template);
            $question = $task->check?->question;
            $minutes += $question instanceof WaitSince && null !== $question->least ? 1 + (int) ceil($question->least->seconds / 60) : 0;
            $log[] = $plan->entry(
                "entry-$i", 'Test', (new \DateTimeImmutable('2026-03-14T08:30:00Z'))->modify("+$minutes minutes"), $event,
            );
        }
        $built = Plan::ofLog($job, $log);
        self::assertSame(Step::Record, $built->next()->step);
        self::assertSame('All is done; not handed over yet.', $built->completion()->sentence()->template);
        $handed = new HandedOver('Somebody');
        self::assertSame('', self::refusal($built, $handed));
        $log[] = $built->entry('entry-handed', 'Test', new \DateTimeImmutable('2026-04-14T08:30:00Z'), $handed);
        self::assertSame('Complete.', Plan::ofLog($job, $log)->completion()->sentence()->template);
    }

    /** @return iterable<string, array{string, string, string, string, string, string}> sheet, size, connector, cable A, cable B, place */
    public static function systems(): iterable
    {
        yield '1 one core, tape screen, nested tubes' => [
            'quillon-straight-12', '2', 'brasswick-al-95', 'iec-1x95-al-12', 'iec-1x95-al-12', 'buried',
        ];
        yield '1 the same in inches' => [
            'thole-splice-15', 'A', 'corvane-shear-1-0-250', 'icea-4-0-al-15-100', 'icea-4-0-al-15-100', 'buried',
        ];
        yield '1 stage by stage, 24 kV' => ['quillon-nested-24', 'N1', 'brasswick-al-95', 'iec-1x95-al-24', 'iec-1x95-al-24', 'buried'];
        yield '2 three cores, steel tape, slip-on end' => [
            'osterwick-end-3c-12', 'N', 'tallis-lug-al-95', 'iec-3x95-al-12-steel-tape', '', 'indoor',
        ];
        yield '3 three cores, wire armour, shear bolts' => [
            'quillon-wire-joint-12', '95', 'tallis-shear-95-150', 'iec-3x95-al-12-steel-wire', 'iec-3x95-cu-12-steel-wire', 'buried',
        ];
        yield '4 all in one, concentric neutral' => [
            'harrow-allinone-28',
            '15',
            'corvane-shear-1-0-250',
            'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163',
            'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163',
            'buried',
        ];
        yield '5 separable elbow' => [
            'harrow-elbow-600-25', 'M', 'corvane-lug-1-0-250', 'icea-4-0-al-25-100-tr-xlpe-concentric-neutral-11-163', '', 'chamber',
        ];
        yield '6 wraparound sleeve, 35 kV' => [
            'marlpike-wrap-35',
            '6A',
            'corvane-shear-1-0-250',
            'icea-4-0-al-35-100-tr-xlpe-concentric-neutral-11-163',
            'icea-4-0-al-35-100-tr-xlpe-concentric-neutral-11-163',
            'buried',
        ];
        yield '7 three cores, pushed on' => [
            'marlpike-pushon-12', 'P1', 'brasswick-al-95', 'iec-3x95-al-12-steel-wire', 'iec-3x95-al-12-steel-wire', 'buried',
        ];
        yield '8 three cores, heat-shrink end, outdoors' => [
            'quillon-end-3c-12', '1', 'tallis-lug-al-95', 'iec-3x95-al-12-steel-wire', '', 'outdoor',
        ];
        yield '8 the same, indoors' => ['quillon-end-3c-12', '1', 'tallis-lug-al-95', 'iec-3x95-al-12-steel-wire', '', 'indoor'];
        yield '9 end at a busbar' => [
            'osterwick-bar-end-28', 'B1', 'corvane-lug-1-0-250', 'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163', '', 'indoor',
        ];
        yield '10 paper to three singles' => [
            'quillon-transition-17', 'T1', 'tallis-shear-sector-95-150', 'lead-3x95-cu-12-belted-steel-wire', 'iec-1x95-al-12', 'buried',
        ];
        yield '11 pull-out cores, wire screen' => [
            'marlpike-pullout-24', 'C', 'brasswick-al-150', 'iec-1x150-al-24-copper-wire', 'iec-1x150-al-24-copper-wire', 'buried',
        ];
        yield '12 ridged, 35 kV, tape' => [
            'quillon-ridged-35', 'R1', 'corvane-shear-1-0-250', 'icea-4-0-al-35-100', 'icea-4-0-al-35-100', 'buried',
        ];
        yield '12 the same, neutral wires' => [
            'quillon-ridged-35',
            'R1',
            'corvane-shear-1-0-250',
            'icea-4-0-al-35-100-tr-xlpe-concentric-neutral-11-163',
            'icea-4-0-al-35-100-tr-xlpe-concentric-neutral-11-163',
            'buried',
        ];
        yield '13 heat-shrink end' => ['quillon-indoor-end-12', '2', 'tallis-lug-al-95', 'iec-1x95-al-12', '', 'indoor'];
        yield '13 stage by stage, 15 kV, indoors' => [
            'harrow-skirt-end-35', '15 kV', 'corvane-lug-1-0-250', 'icea-4-0-al-15-100', '', 'indoor',
        ];
        yield '13 stage by stage, 35 kV, shim and skirts' => [
            'harrow-skirt-end-35', '35 kV', 'corvane-lug-1-0-250', 'icea-4-0-al-35-100', '', 'outdoor',
        ];
        yield '14 slip-on end, tape screen' => ['osterwick-indoor-15', '15-1', 'corvane-lug-1-0-250', 'icea-4-0-al-15-100', '', 'indoor'];
        yield '15 three cores, 11 to 33 kV' => [
            'quillon-long-joint-36', '11 kV', 'brasswick-al-95', 'iec-3x95-al-12-steel-wire', 'iec-3x95-al-12-steel-wire', 'buried',
        ];
        yield '16 three cores, nested sets' => [
            'harrow-nested-12', 'K1', 'tallis-shear-95-150', 'iec-3x95-al-12-steel-wire', 'iec-3x95-al-12-steel-wire', 'buried',
        ];
        yield '17 three cores, slip-on, armour tape' => [
            'osterwick-tape-joint-12', 'L1', 'brasswick-al-95', 'iec-3x95-al-12-steel-tape', 'iec-3x95-al-12-steel-tape', 'chamber',
        ];
        yield '18 any screen, an earth to the outside' => [
            'harrow-universal-35', '15', 'corvane-shear-1-0-250', 'icea-4-0-al-15-100-flat-strap', 'icea-4-0-al-15-100', 'chamber',
        ];
    }

    /** What a good jointer writes down on being told. */
    private static function doing(Task $task, Plan $plan): Event
    {
        $end = $task->where->end ?? End::A;

        return match ($task->kind) {
            TaskKind::Park => new PartParked($end, $task->item->key ?? ''),
            TaskKind::Cut => self::cut($task),
            TaskKind::Work => new Applied($task->work ?? self::fail('work has its place')),
            TaskKind::Connector => new ConnectorFitted('B1'),
            TaskKind::Check => new CheckMade($task->checkPlace() ?? self::fail('a check'), self::answer($task)),
            TaskKind::Finish => new StageFinished($task->stage->key),
            TaskKind::Release => new HoldReleased($task->stage->key),
        };
    }

    private static function cut(Task $task): CutMeasured
    {
        $mark = $task->mark ?? self::fail('a cut has its mark');

        return new CutMeasured($mark->place, self::reading($mark->at));
    }

    private static function answer(Task $task): Answer
    {
        $question = $task->check->question ?? self::fail('a check');

        return match (true) {
            $question instanceof LengthWithin => new Measured(self::reading(self::middle($task->window))),
            $question instanceof CountWithin => new Counted((int) ($question->least->text ?? 1)),
            $question instanceof TorqueWithin => new Tightened($question->least ?? Torque::parse('40 N·m')),
            $question instanceof WaitSince => Waited::itOut(),
            $question instanceof Note => new Noted('B-2026-07'),
            $question instanceof PhaseKnown => new Identified('L'.($task->where->core ?? 1), ProvedBy::Continuity),
            $question instanceof AgeWithin => Made::parse('2025-06') ?? throw new \LogicException(),
            default => Looked::andItIsSo(),
        };
    }

    private static function middle(?Range $window): Length
    {
        $min = $window->min ?? Length::ofMillimetres(1);
        $max = $window->max ?? $min->plus(Length::ofMillimetres(4));

        return $min->plus($max)->dividedBy(2, Rounding::Nearest);
    }

    private static function reading(Length $length): Reading
    {
        return Reading::typed((string) $length->inMillimetres(), LengthUnit::Millimetre, Instrument::SteelRule);
    }

    private static function refusal(Plan $plan, Event $event): string
    {
        $refusal = (new Gate($plan))->refusal($event);

        return null === $refusal ? '' : (new Reader(LengthUnit::Millimetre))->say($refusal);
    }

    /** @return list<string> */
    private static function obstacles(Plan $plan): array
    {
        return array_map(
            static fn (Obstacle $obstacle): string => (new Reader(LengthUnit::Millimetre))->say($obstacle->reason), $plan->obstacles,
        );
    }
}
