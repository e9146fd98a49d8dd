<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Build\WorkKind;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Nature;
use Berm\Core\Saying\Sentence;

/** Parts of the kit that are lost where what was set does not hold any more, and whether the box has others. */
final class Lost
{
    /**
     * @param list<string> $falls ids of the entries that hold no more
     *
     * @return list<string> names, one for each piece
     */
    public static function among(array $falls, Plan $plan): array
    {
        $names = [];
        $sheet = $plan->sheet;
        if (null === $sheet) {
            return [];
        }
        foreach ($falls as $id) {
            $event = ($plan->build->counting[$id] ?? null)?->event;
            $item = $event instanceof Applied && WorkKind::Set === $event->place->how
                ? $sheet->items[$event->place->part] ?? null : null;
            $isLost = null !== $item && (WorkInWords::isLost($item, $sheet) || Nature::Wrap === $item->nature && '' !== $item->stock);
            $names = $isLost ? [...$names, $item->name] : $names;
        }

        return $names;
    }

    /** What the box is short of for a plan; null: nothing. */
    public static function without(Plan $plan): ?Sentence
    {
        foreach ($plan->materials as $requirement) {
            $shortage = $requirement->shortage();
            if (null !== $shortage) {
                return $shortage;
            }
        }

        return null;
    }
}
