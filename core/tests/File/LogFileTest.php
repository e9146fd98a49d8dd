<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Build\EventKind;
use Berm\Core\File\Fields;
use Berm\Core\File\LogFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Every kind of event is written as it was read; a kind without a line here fails. */
final class LogFileTest extends TestCase
{
    private const READING = ['typed' => '57.5', 'unit' => 'mm', 'instrument' => 'steel-rule'];

    private const EVENTS = [
        'safety-confirmed' => [
            'permit' => 'P-1', 'confirmedBy' => 'Somebody', 'confirmedAt' => '2026-03-14T08:00:00+00:00',
            'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true,
        ],
        'cut-measured' => ['end' => 'B', 'cut' => 'insulation', 'core' => 2, 'reading' => self::READING],
        'cut-back' => ['end' => 'B', 'by' => self::READING, 'reason' => 'cut too far'],
        'core-cut-back' => ['end' => 'A', 'core' => 2, 'by' => self::READING, 'reason' => 'that core alone'],
        'cut-out' => ['offA' => self::READING, 'offB' => self::READING, 'reason' => 'gap'],
        'other-side-takes' => ['end' => 'A', 'cut' => 'insulation-screen', 'core' => 1, 'by' => '9 mm', 'reason' => 'the sum'],
        'mark-moved' => [
            'end' => 'B', 'cut' => 'insulation', 'core' => 2, 'by' => '5 mm', 'for' => ['stage' => 'join', 'check' => 'screens'],
            'reason' => 'too close', 'otherBy' => '3 mm',
        ],
        'deviation-accepted' => ['end' => 'B', 'cut' => 'insulation', 'core' => 2, 'reason' => 'filled', 'of' => 'entry-3'],
        'lap-accepted' => ['part' => 'tube', 'rule' => 'laps', 'of' => 'insulation-screen', 'end' => 'A', 'core' => 3, 'reason' => 'taped'],
        'part-parked' => ['end' => 'A', 'part' => 'tube'],
        'connector-fitted' => ['batch' => 'B1'],
        'applied' => ['stage' => 'stress', 'how' => 'set', 'part' => 'tube', 'end' => 'A', 'core' => 1],
        'taken-off' => ['stage' => 'stress', 'how' => 'place', 'part' => 'tube', 'end' => 'B', 'reason' => 'scorched'],
        'check-made' => ['stage' => 'cut', 'check' => 'gap', 'end' => 'A', 'core' => 1, 'reading' => self::READING],
        'check-accepted' => ['stage' => 'cut', 'check' => 'gap', 'end' => 'A', 'core' => 1, 'reason' => 'filled', 'of' => 'entry-3'],
        'stage-finished' => ['stage' => 'cut'],
        'hold-released' => ['stage' => 'cut'],
        'handed-over' => ['signedBy' => 'Somebody'],
        'left-safe' => ['covered' => 'a bag, taped', 'to' => 'the night shift'],
        'noted' => ['note' => 'rain', 'stage' => 'cut'],
        'leaflet-read' => ['edition' => 'L 4, 2025-03'],
        'leaflet-compared' => ['reason' => 'only its cover differs'],
        'called' => ['about' => 'leaflet', 'note' => '35 mm, not 30', 'stage' => 'cut'],
        'answered' => ['call' => 'entry-3', 'answer' => 'take 35'],
        'pictured' => [
            'picture' => '2cf24dba5fb0a30e26e83b2ac5b9e29e1b161e5c1fa7425e73043362938b9824', 'caption' => 'the ring', 'stage' => 'cut',
        ],
        'found' => ['what' => 'wet-strands', 'end' => 'B', 'note' => 'drops at the cut'],
        'found-accepted' => ['found' => 'entry-3', 'reason' => 'dried and cut back'],
        'withdrawn-accepted' => ['reason' => 'it differs in the sheath only'],
        'piece-taken' => ['stock' => 'tube', 'pieces' => 2, 'batch' => 'B9', 'from' => 'another-box'],
        'withdrawn' => ['entry' => 'entry-3', 'reason' => 'slip'],
        'kit-dated' => ['batch' => 'B1', 'keepsUntil' => '2028-02-29'],
    ];

    /** Written by use cases from things that have their own formats, whose round trips stand with those. */
    private const ELSEWHERE = ['box-opened', 'tool-taken', 'plan-changed'];

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function events(): iterable
    {
        foreach (self::EVENTS as $kind => $event) {
            yield $kind => [$kind, $event];
        }
    }

    /** @param array<string, mixed> $event */
    #[Test]
    #[DataProvider('events')]
    public function anEventIsWrittenAsItWasRead(string $kind, array $event): void
    {
        $whole = ['kind' => $kind, ...$event];
        self::assertEquals($whole, LogFile::writeEvent(Fields::read($whole, LogFile::readEvent(...))));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function answers(): iterable
    {
        foreach ([
            'seen' => false, 'count' => 0, 'torque' => '67.5 N·m', 'note' => 'B-7', 'made' => '2026-03', 'waited' => true,
        ] as $field => $answer) {
            yield $field => [[$field => $answer]];
        }
    }

    /** @param array<string, mixed> $answer */
    #[Test]
    #[DataProvider('answers')]
    public function anAnswerIsWrittenAsItWasRead(array $answer): void
    {
        $whole = ['kind' => 'check-made', 'stage' => 'cut', 'check' => 'gap', ...$answer];
        self::assertEquals($whole, LogFile::writeEvent(Fields::read($whole, LogFile::readEvent(...))));
    }

    #[Test]
    public function noKindIsForgotten(): void
    {
        $kinds = array_map(static fn (EventKind $kind): string => $kind->value, EventKind::cases());
        self::assertEqualsCanonicalizing($kinds, [...array_keys(self::EVENTS), ...self::ELSEWHERE]);
    }

    #[Test]
    public function anEntryKeepsWhenItWasDoneAndWhatItWasJudgedBy(): void
    {
        $entry = [
            'id' => 'entry-1', 'by' => 'Somebody', 'at' => '2026-03-14T09:00:00.000000+00:00',
            'event' => ['kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'insulation', 'reason' => 'filled'],
            'doneAt' => '2026-03-14T08:00:00.000000+00:00', 'told' => true, 'deviceAt' => '2026-03-14T08:01:00.000000+00:00',
            'basis' => [
                'kit' => ['id' => 'kit', 'revision' => 2], 'size' => 'M', 'connector' => ['id' => 'connector', 'revision' => 3],
                'falls' => ['entry-1', 'entry-2'], 'stepByStep' => true, 'offBy' => 'entry-3',
                'entry' => 'entry-0', 'window' => (object) ['min' => '57 mm', 'max' => '58 mm'], 'value' => '-7.5 mm',
            ],
        ];
        $json = json_decode(json_encode($entry, \JSON_THROW_ON_ERROR), true, 16, \JSON_THROW_ON_ERROR);
        self::assertEquals($entry, LogFile::writeEntry(Fields::read($json, LogFile::readEntry(...))));
    }
}
