<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\ConnectorFitted;
use Berm\Core\Build\CutMeasured;
use Berm\Core\Build\DeviationAccepted;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\PartParked;
use Berm\Core\Build\PlanChanged;
use Berm\Core\Build\SafetyConfirmed;
use Berm\Core\Build\Withdrawn;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;

/** The log's events and entries as JSON. */
final class LogFile
{
    public static function readEvent(Fields $file): Event
    {
        $kind = $file->text('kind', 40);

        return match ($kind) {
            'safety-confirmed' => self::safety($file),
            'cut-measured' => new CutMeasured($file->choice('end', End::class), $file->choice('cut', Cut::class), Fields::got($file->object('reading', ReadingFile::read(...)))),
            'deviation-accepted' => new DeviationAccepted($file->choice('end', End::class), $file->choice('cut', Cut::class), $file->text('reason', 600)),
            'part-parked' => new PartParked($file->choice('end', End::class), $file->text('part', 40)),
            'connector-fitted' => new ConnectorFitted($file->optionalText('batch', 80)),
            'withdrawn' => new Withdrawn($file->text('entry', 40), $file->text('reason', 600)),
            'plan-changed' => new PlanChanged($file->text('summary', 2000)),
            default => throw BadDocument::because('kind', 'must be one of safety-confirmed, cut-measured, deviation-accepted, part-parked, connector-fitted, withdrawn.'),
        };
    }

    /** @return array<string, mixed> */
    public static function writeEvent(Event $event): array
    {
        return match (true) {
            $event instanceof SafetyConfirmed => ['kind' => 'safety-confirmed', 'permit' => $event->permit, 'confirmedBy' => $event->confirmedBy, 'confirmedAt' => $event->confirmedAt->format(\DATE_ATOM), 'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true],
            $event instanceof CutMeasured => ['kind' => 'cut-measured', 'end' => $event->end->value, 'cut' => $event->cut->value, 'reading' => ReadingFile::write($event->reading)],
            $event instanceof DeviationAccepted => ['kind' => 'deviation-accepted', 'end' => $event->end->value, 'cut' => $event->cut->value, 'reason' => $event->reason],
            $event instanceof PartParked => ['kind' => 'part-parked', 'end' => $event->end->value, 'part' => $event->part],
            $event instanceof ConnectorFitted => ['kind' => 'connector-fitted', 'batch' => $event->batch],
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

    private static function safety(Fields $file): SafetyConfirmed
    {
        foreach (['identified', 'isolated', 'provedDead', 'earthed'] as $check) {
            if (!$file->flag($check)) {
                $file->problem($check, 'is not confirmed: do not start. A named person confirms all four from the local permit.');
            }
        }

        return new SafetyConfirmed($file->text('permit', 80), $file->text('confirmedBy', 120), self::moment($file, 'confirmedAt'));
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
