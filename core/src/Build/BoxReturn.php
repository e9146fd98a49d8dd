<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\Withdrawn;

/**
 * A box that was not opened after all stands on its shelf again; one that was looked at twice is as the look that still counts found it.
 */
final readonly class BoxReturn
{
    /** @param Done<BoxOpened>|null $counts the look that still counts; null: the box was not opened */
    private function __construct(/** The stores' id of the box. */ public string $box, public ?Done $counts)
    {
    }

    /** Null: no box is concerned. */
    public static function after(Event $event, BuildState $before): ?self
    {
        $undone = $event instanceof Withdrawn ? ($before->counting[$event->entryId] ?? null)?->event : null;
        if (!$undone instanceof BoxOpened) {
            return null;
        }
        $counts = null;
        foreach ($before->counting as $entry) {
            $look = $entry->event;
            $counts = $look instanceof BoxOpened && $look->box === $undone->box && $look !== $undone ? new Done($look, $entry) : $counts;
        }

        return new self($undone->box, $counts);
    }
}
