<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\BoxOpened;
use Berm\Core\Build\CheckAccepted;
use Berm\Core\Build\CheckMade;
use Berm\Core\Build\ConnectorFitted;
use Berm\Core\Build\CutMeasured;
use Berm\Core\Build\DeviationAccepted;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\HoldReleased;
use Berm\Core\Build\PartParked;
use Berm\Core\Build\PlanChanged;
use Berm\Core\Build\SafetyConfirmed;
use Berm\Core\Build\StageFinished;
use Berm\Core\Build\ToolTaken;
use Berm\Core\Build\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;

/** The log's events and entries as JSON. */
final class LogFile
{
    public static function readEvent(Fields $file): Event
    {
        $kind = $file->text('kind', 40);

        return match ($kind) {
            'safety-confirmed' => self::safety($file),
            'cut-measured' => new CutMeasured($file->choice('end', End::class), $file->choice('cut', Cut::class), self::core($file), Fields::got($file->object('reading', ReadingFile::read(...)))),
            'deviation-accepted' => new DeviationAccepted($file->choice('end', End::class), $file->choice('cut', Cut::class), self::core($file), $file->text('reason', 600)),
            'part-parked' => new PartParked($file->choice('end', End::class), $file->text('part', 40)),
            'check-made' => new CheckMade($file->text('stage', 40), $file->text('check', 40), self::where($file), self::answer($file)),
            'check-accepted' => new CheckAccepted($file->text('stage', 40), $file->text('check', 40), self::where($file), $file->text('reason', 600)),
            'stage-finished' => new StageFinished($file->text('stage', 40)),
            'hold-released' => new HoldReleased($file->text('stage', 40)),
            'connector-fitted' => new ConnectorFitted($file->optionalText('batch', 80)),
            'box-opened' => self::box($file),
            'tool-taken' => new ToolTaken(Fields::got($file->object('tool', ToolFile::read(...)))),
            'withdrawn' => new Withdrawn($file->text('entry', 40), $file->text('reason', 600)),
            'plan-changed' => new PlanChanged($file->text('summary', 2000)),
            default => throw BadDocument::because('kind', 'must be one of safety-confirmed, cut-measured, deviation-accepted, part-parked, connector-fitted, check-made, check-accepted, stage-finished, hold-released, box-opened, tool-taken, withdrawn.'),
        };
    }

    /** @return array<string, mixed> */
    public static function writeEvent(Event $event): array
    {
        return match (true) {
            $event instanceof SafetyConfirmed => ['kind' => 'safety-confirmed', 'permit' => $event->permit, 'confirmedBy' => $event->confirmedBy, 'confirmedAt' => $event->confirmedAt->format(\DATE_ATOM), 'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true],
            $event instanceof CutMeasured => ['kind' => 'cut-measured', 'end' => $event->end->value, 'cut' => $event->cut->value, ...self::writeCore($event->core), 'reading' => ReadingFile::write($event->reading)],
            $event instanceof DeviationAccepted => ['kind' => 'deviation-accepted', 'end' => $event->end->value, 'cut' => $event->cut->value, ...self::writeCore($event->core), 'reason' => $event->reason],
            $event instanceof PartParked => ['kind' => 'part-parked', 'end' => $event->end->value, 'part' => $event->part],
            $event instanceof ConnectorFitted => ['kind' => 'connector-fitted', 'batch' => $event->batch],
            $event instanceof CheckMade => ['kind' => 'check-made', 'stage' => $event->stage, 'check' => $event->check, ...self::writeWhere($event->where), ...self::writeAnswer($event->answer)],
            $event instanceof CheckAccepted => ['kind' => 'check-accepted', 'stage' => $event->stage, 'check' => $event->check, ...self::writeWhere($event->where), 'reason' => $event->reason],
            $event instanceof StageFinished => ['kind' => 'stage-finished', 'stage' => $event->stage],
            $event instanceof HoldReleased => ['kind' => 'hold-released', 'stage' => $event->stage],
            $event instanceof BoxOpened => ['kind' => 'box-opened', 'box' => $event->box, 'item' => $event->item, 'batch' => $event->batch, 'serial' => $event->serial, ...DayFile::write('madeOn', $event->madeOn), ...DayFile::write('expiresOn', $event->expiresOn), 'missing' => $event->missing],
            $event instanceof ToolTaken => ['kind' => 'tool-taken', 'tool' => ToolFile::write($event->tool)],
            $event instanceof Withdrawn => ['kind' => 'withdrawn', 'entry' => $event->entryId, 'reason' => $event->reason],
            $event instanceof PlanChanged => ['kind' => 'plan-changed', 'summary' => $event->summary],
            default => throw new \LogicException('every kind of event has its form'),
        };
    }

    public static function readEntry(Fields $file): Entry
    {
        $event = $file->object('event', self::readEvent(...));

        return new Entry($file->text('id', 40), $file->text('by', 120), self::moment($file, 'at'), Fields::got($event));
    }

    /** @return array<string, mixed> */
    public static function writeEntry(Entry $entry): array
    {
        return ['id' => $entry->id, 'by' => $entry->by, 'at' => $entry->at->format('Y-m-d\TH:i:s.uP'), 'event' => self::writeEvent($entry->event)];
    }

    private static function where(Fields $file): Where
    {
        return Where::of($file->has('end') ? $file->choice('end', End::class) : null, self::core($file));
    }

    /** @return array<string, int|string> */
    private static function writeWhere(Where $where): array
    {
        return [...(null === $where->end ? [] : ['end' => $where->end->value]), ...self::writeCore($where->core)];
    }

    private static function answer(Fields $file): Reading|Torque|int|bool|string|null
    {
        return match (true) {
            $file->has('reading') => Fields::got($file->object('reading', ReadingFile::read(...))),
            $file->has('torque') => $file->parsed('torque', Torque::parse(...), Torque::parse('1 N·m')),
            $file->has('count') => $file->integer('count', 0, 1000),
            $file->has('seen') => $file->flag('seen'),
            $file->has('note') => $file->text('note', 200),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function writeAnswer(Reading|Torque|int|bool|string|null $answer): array
    {
        return match (true) {
            $answer instanceof Reading => ['reading' => ReadingFile::write($answer)],
            $answer instanceof Torque => ['torque' => $answer->toText()],
            \is_int($answer) => ['count' => $answer],
            \is_bool($answer) => ['seen' => $answer],
            \is_string($answer) => ['note' => $answer],
            default => [],
        };
    }

    private static function core(Fields $file): ?int
    {
        return $file->has('core') ? $file->oneOf('core', [1, 2, 3]) : null;
    }

    /** @return array<string, int> */
    private static function writeCore(?int $core): array
    {
        return null === $core ? [] : ['core' => $core];
    }

    private static function safety(Fields $file): SafetyConfirmed
    {
        foreach (['identified', 'isolated', 'provedDead', 'earthed'] as $check) {
            if (!$file->flag($check)) {
                $file->problem($check, 'is not confirmed: do not start. A named person confirms all four from the local permit.');
            }
        }

        return new SafetyConfirmed($file->text('permit', 80), $file->text('confirmedBy', 120), self::moment($file, 'confirmedAt'));
    }

    private static function box(Fields $file): BoxOpened
    {
        return new BoxOpened($file->text('box', 40), $file->text('item', 14), $file->optionalText('batch', 40), $file->optionalText('serial', 40), DayFile::read($file, 'madeOn'), DayFile::read($file, 'expiresOn'), $file->texts('missing', 40));
    }

    private static function moment(Fields $file, string $key): \DateTimeImmutable
    {
        $text = $file->text($key, 40);
        foreach (['Y-m-d\TH:i:s.uP', 'Y-m-d\TH:i:s.vP', \DATE_ATOM] as $format) {
            $moment = \DateTimeImmutable::createFromFormat($format, $text);
            if (false !== $moment && false === \DateTimeImmutable::getLastErrors()) {
                return $moment;
            }
        }
        $file->problem($key, 'must be a date and time with its offset, such as 2026-03-14T08:30:00+01:00.');
        throw new Skipped();
    }
}
