<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Names;
use Berm\Core\File\LogFile;

/** A line of the log as it is shown, apart from its place in the chain. */
final class EntryJson
{
    /** @return array<string, mixed> */
    public static function of(Entry $entry, BuildState $build, Names $names): array
    {
        return [
            'id' => $entry->id,
            'by' => $entry->by,
            'at' => $entry->at->format(\DATE_ATOM),
            'doneAt' => $entry->doneAt()->format(\DATE_ATOM),
            'told' => $entry->timing->isTold,
            'event' => LogFile::writeEvent($entry->event),
            'said' => SentenceJson::of($entry->event->words($names)),
            'counts' => isset($build->counting[$entry->id]),
            'withdrawer' => $entry->event::kind()->withdrawer()?->value,
            // It was written for another plan, and no longer holds.
            'lapsed' => isset($build->lapsed[$entry->id]),
            'fallen' => isset($build->fallen[$entry->id]),
        ];
    }
}
