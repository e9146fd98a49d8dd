<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\File\Fields;
use Berm\Core\File\LogFile;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Each kind of entry as the record has it: with the names that the kit's own sheet gives, in the units and words of the reader. */
final class LogReadTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> an event, as it is read in mm, and in inches */
    public static function events(): iterable
    {
        $reading = ['typed' => '57,5', 'unit' => 'mm', 'instrument' => 'steel-rule'];
        $check = ['stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 2];
        yield 'safe' => [
            ['kind' => 'safety-confirmed', 'permit' => 'P-1', 'confirmedBy' => 'R. Solway', 'confirmedAt' => '2026-03-14T08:00:00Z',
                'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true],
            'Safe to start, permit P-1, confirmed by R. Solway', '',
        ];
        yield 'a cut' => [
            ['kind' => 'cut-measured', 'end' => 'B', 'cut' => 'oversheath', 'reading' => $reading],
            'Oversheath, end B: 57,5 mm by steel rule', 'Jacket, end B: 57,5 mm by steel rule',
        ];
        yield 'a cut of a core' => [
            ['kind' => 'cut-measured', 'end' => 'A', 'cut' => 'insulation-screen', 'core' => 3, 'reading' => $reading],
            'Insulation screen, end A, core 3: 57,5 mm by steel rule', 'Insulation shield, end A, core 3: 57,5 mm by steel rule',
        ];
        yield 'an end cut back' => [
            ['kind' => 'cut-back', 'end' => 'A', 'by' => $reading, 'reason' => 'cut too far'],
            'End A cut back by 57,5 mm (cut too far)', '',
        ];
        yield 'one core cut back' => [
            ['kind' => 'core-cut-back', 'end' => 'A', 'core' => 2, 'by' => $reading, 'reason' => 'room enough'],
            'Core 2 of end A alone cut back by 57,5 mm: room enough', '',
        ];
        yield 'a connector cut out' => [
            ['kind' => 'cut-out', 'offA' => $reading, 'offB' => $reading, 'reason' => 'gap after crimping'],
            'Connector cut out again, 57,5 mm of end A and 57,5 mm of end B with it (gap after crimping)', '',
        ];
        yield 'a lug cut out' => [
            ['kind' => 'cut-out', 'offA' => $reading, 'reason' => 'turned'],
            'Connector cut out again, 57,5 mm with it (turned)', '',
        ];
        yield 'a mark moved' => [
            [
                'kind' => 'mark-moved', 'end' => 'B', 'cut' => 'insulation-screen', 'by' => '5 mm',
                'for' => ['stage' => 'join', 'check' => 'screens'], 'reason' => 'too close',
            ],
            'Insulation screen, end B: marked 5 mm further back (too close)',
            'Insulation shield, end B: marked 0.197 in further back (too close)',
        ];
        yield 'the other side takes it' => [
            ['kind' => 'other-side-takes', 'end' => 'A', 'cut' => 'insulation-screen', 'by' => '9 mm', 'reason' => 'the sum is right'],
            'Insulation screen, end A, let stand; end B is marked 9 mm nearer to the cable end: the sum is right',
            'Insulation shield, end A, let stand; end B is marked 0.354 in nearer to the cable end: the sum is right',
        ];
        yield 'a cut let stand' => [
            ['kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'insulation', 'core' => 1, 'reason' => 'filled', 'of' => 'e'],
            'Insulation, end A, core 1, let stand: filled', '',
        ];
        yield 'a lap let stand' => [
            [
                'kind' => 'lap-accepted', 'part' => 'stress', 'rule' => 'laps', 'of' => 'insulation-screen', 'end' => 'A',
                'reason' => 'taped',
            ],
            'Stress tube, end A, let stand as it lies: taped', '',
        ];
        yield 'parked' => [['kind' => 'part-parked', 'end' => 'B', 'part' => 'outer-1'], 'First outer sleeve parked on end B', ''];
        yield 'the connector' => [['kind' => 'connector-fitted', 'batch' => 'B1'], 'Connector fitted, batch B1', ''];
        yield 'the connector, of no batch' => [['kind' => 'connector-fitted', 'batch' => ''], 'Connector fitted', ''];
        yield 'measured' => [
            ['kind' => 'check-made', ...$check, 'reading' => $reading],
            'From the insulation end to the stress tube, end A, core 2: 57,5 mm by steel rule', '',
        ];
        yield 'seen' => [
            ['kind' => 'check-made', ...$check, 'seen' => true], 'From the insulation end to the stress tube, end A, core 2: yes', '',
        ];
        yield 'not seen' => [
            ['kind' => 'check-made', ...$check, 'seen' => false], 'From the insulation end to the stress tube, end A, core 2: no', '',
        ];
        yield 'counted' => [
            ['kind' => 'check-made', ...$check, 'count' => 4], 'From the insulation end to the stress tube, end A, core 2: 4', '',
        ];
        yield 'of a check that the sheet does not have' => [
            ['kind' => 'check-made', 'stage' => 'gone', 'check' => 'lost', 'count' => 4], 'lost: 4', '',
        ];
        yield 'a check let stand' => [
            ['kind' => 'check-accepted', ...$check, 'reason' => 'filled', 'of' => 'e'],
            'From the insulation end to the stress tube, end A, core 2, let stand: filled', '',
        ];
        $work = ['stage' => 'stress', 'part' => 'stress', 'end' => 'A', 'core' => 2];
        yield 'set' => [['kind' => 'applied', 'how' => 'set', ...$work], 'Stress tube, end A, core 2: set', ''];
        yield 'at its place' => [['kind' => 'applied', 'how' => 'place', ...$work], 'Stress tube, end A, core 2: at its place', ''];
        yield 'taken off' => [['kind' => 'applied', 'how' => 'off', ...$work], 'Stress tube, end A, core 2: taken off', ''];
        yield 'used' => [
            ['kind' => 'applied', 'how' => 'use', 'stage' => 'stress', 'part' => 'springs'], 'Roll springs: used', '',
        ];
        yield 'taken off again' => [
            ['kind' => 'taken-off', 'how' => 'set', ...$work, 'reason' => 'scorched'],
            'Stress tube, end A, core 2: taken off again (scorched)', '',
        ];
        yield 'a stage' => [['kind' => 'stage-finished', 'stage' => 'stress'], 'Finished: Stress tubes, one a side', ''];
        yield 'a stage that the sheet does not have' => [['kind' => 'stage-finished', 'stage' => 'gone'], 'Finished: gone', ''];
        yield 'a hold point' => [['kind' => 'hold-released', 'stage' => 'stress'], 'Hold point released: Stress tubes, one a side', ''];
        yield 'left' => [['kind' => 'left-safe', 'covered' => 'a bag'], 'Left safe, covered with a bag', ''];
        yield 'left to others' => [
            ['kind' => 'left-safe', 'covered' => 'a bag', 'to' => 'the night shift'],
            'Left safe, covered with a bag; the night shift goes on with it', '',
        ];
        yield 'a note' => [['kind' => 'noted', 'note' => 'rain since noon'], 'Note: rain since noon', ''];
        yield 'a note on a stage' => [
            ['kind' => 'noted', 'note' => 'rain', 'stage' => 'stress'], 'Note, Stress tubes, one a side: rain', '',
        ];
        yield 'handed over' => [['kind' => 'handed-over', 'signedBy' => 'Somebody'], 'Handed over, signed for by Somebody', ''];
        yield 'the leaflet' => [['kind' => 'leaflet-read', 'edition' => 'L 4'], 'Leaflet in the box: edition L 4', ''];
        yield 'another leaflet' => [
            ['kind' => 'leaflet-compared', 'reason' => 'new cover'], 'Leaflet compared with the sheet: new cover', '',
        ];
        yield 'a call' => [
            ['kind' => 'called', 'about' => 'let-stand', 'note' => 'come', 'stage' => 'stress'],
            'An engineer is called to look, Stress tubes, one a side: come', '',
        ];
        yield 'a call about the leaflet' => [
            ['kind' => 'called', 'about' => 'leaflet', 'note' => '35 mm'], 'The leaflet says otherwise: 35 mm', '',
        ];
        yield 'a question' => [['kind' => 'called', 'about' => 'question', 'note' => 'why?'], 'An engineer is asked: why?', ''];
        yield 'an answer' => [['kind' => 'answered', 'call' => 'e', 'answer' => 'go on'], 'Answer: go on', ''];
        yield 'a picture' => [
            ['kind' => 'pictured', 'picture' => str_repeat('ab', 32), 'caption' => 'the ring', 'stage' => 'stress'],
            'Picture abababababab, Stress tubes, one a side: the ring', '',
        ];
        yield 'found' => [
            ['kind' => 'found', 'what' => 'other-screen', 'end' => 'A', 'note' => 'Wires, not tape.'],
            'Found at end A: another metallic screen than planned. Wires, not tape.',
            'Found at end A: another metallic shield than planned. Wires, not tape.',
        ];
        yield 'found, let stand' => [
            ['kind' => 'found-accepted', 'found' => 'e', 'reason' => 'cut back'], 'What was found is let stand: cut back', '',
        ];
        yield 'a withdrawn sheet' => [
            ['kind' => 'withdrawn-accepted', 'reason' => 'r'], 'Built by a withdrawn sheet all the same: r', '',
        ];
        yield 'a piece from elsewhere' => [
            ['kind' => 'piece-taken', 'stock' => 'gone', 'pieces' => 2, 'batch' => 'B9', 'from' => 'owners-store'],
            '2 × gone from the owner\'s store, batch B9', '',
        ];
        yield 'withdrawn' => [['kind' => 'withdrawn', 'entry' => 'e', 'reason' => 'slip'], 'An entry withdrawn: slip', ''];
        yield 'a date' => [
            ['kind' => 'kit-dated', 'batch' => 'B1', 'keepsUntil' => '2028-02-29'], 'The kit keeps until 29 Feb 2028, batch B1', '',
        ];
        $box = ['kind' => 'box-opened', 'box' => 'b', 'item' => '09521230013321', 'batch' => 'L7', 'serial' => 'S9', 'missing' => []];
        yield 'a box' => [
            [...$box, 'expiresOn' => '2027-05-03'],
            'Box opened: item 09521230013321, batch L7, serial S9, keeps until 3 May 2027, complete', '',
        ];
        yield 'a box that tells little' => [
            [...$box, 'batch' => '', 'serial' => '', 'missing' => ['stress', 'springs']],
            'Box opened: item 09521230013321, missing: stress tube, roll springs', '',
        ];
    }

    /** @param array<string, mixed> $event */
    #[Test]
    #[DataProvider('events')]
    public function anEntryIsReadWithTheNamesOfTheSheet(array $event, string $inMillimetres, string $inInches): void
    {
        $alike = ['iec-3x95-al-12-steel-wire', 'iec-3x95-al-12-steel-wire'];
        $job = Demo::job('quillon-wire-joint-12', '95', 'tallis-shear-95-150', array_combine(['A', 'B'], $alike), 'buried');
        $words = Fields::read($event, LogFile::readEvent(...))->words(new Names($job));
        self::assertSame($inMillimetres, (new Reader(LengthUnit::Millimetre))->say($words));
        self::assertSame('' === $inInches ? $inMillimetres : $inInches, (new Reader(LengthUnit::Inch))->say($words));
    }

    #[Test]
    public function noKindIsForgotten(): void
    {
        $said = [];
        foreach (self::events() as [$event]) {
            $said[] = \is_string($event['kind']) ? $event['kind'] : '';
        }
        $kinds = array_map(static fn (EventKind $kind): string => $kind->value, EventKind::cases());
        self::assertEqualsCanonicalizing(
            ['tool-taken', 'plan-changed'], array_values(array_diff($kinds, $said)), 'their words stand with them',
        );
    }
}
