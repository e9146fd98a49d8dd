<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Timing;

/** The log's events and entries as JSON. What each kind of event holds, its own class reads and writes. */
final class LogFile
{
    public static function readEvent(Fields $file): Event
    {
        return $file->kind('kind', EventKind::class)->event()::read($file);
    }

    /** @return array<string, mixed> */
    public static function writeEvent(Event $event): array
    {
        return ['kind' => $event::kind()->value, ...$event->write()];
    }

    public static function readEntry(Fields $file): Entry
    {
        $event = $file->object('event', self::readEvent(...));
        $timing = Timing::kept(
            MomentFile::optional($file, 'doneAt'), $file->has('told') && $file->flag('told'), MomentFile::optional($file, 'deviceAt'),
            $file->has('heard') ? $file->integer('heard', 0, 1_000_000) : null,
        );
        $basis = $file->optionalObject('basis', BasisFile::read(...));

        return Entry::of(
            $file->text('id', 40), $file->text('by', 120), MomentFile::read($file, 'at'), Fields::got($event), $timing, $basis,
        );
    }

    /** @return array<string, mixed> */
    public static function writeEntry(Entry $entry): array
    {
        $timing = $entry->timing;

        return [
            'id' => $entry->id, 'by' => $entry->by, 'at' => MomentFile::write($entry->at), 'event' => self::writeEvent($entry->event),
            ...(null === $timing->doneAt ? [] : ['doneAt' => MomentFile::write($timing->doneAt)]),
            ...($timing->isTold ? ['told' => true] : []),
            ...(null === $timing->deviceAt ? [] : ['deviceAt' => MomentFile::write($timing->deviceAt)]),
            ...(null === $timing->heard ? [] : ['heard' => $timing->heard]),
            ...(null === $entry->basis ? [] : ['basis' => BasisFile::write($entry->basis)]),
        ];
    }
}
