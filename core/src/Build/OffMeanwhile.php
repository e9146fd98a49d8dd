<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Job\Plan;

/**
 * One took a part off, or cut an end back, another did or found something on it, and neither had heard of the other: whichever arrives
 * first, it has to be done and looked at anew.
 */
final class OffMeanwhile
{
    /**
     * @param Plan $known of what its author had heard of
     * @param Plan $whole of all that has arrived
     */
    public static function basis(Event $event, Plan $known, Plan $whole): Basis
    {
        if ($event instanceof Undoes) {
            return $event->basis($whole);
        }
        $basis = $event->basis($known);
        foreach ($whole->build->counting as $entry) {
            $off = $entry->event;
            if ($off instanceof Undoes && !isset($known->build->counting[$entry->id]) && $off->fells($event, $whole)) {
                return $basis->onPartOffBy($entry->id);
            }
        }

        return $basis;
    }
}
