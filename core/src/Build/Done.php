<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/**
 * What was done, with the entry that says so.
 *
 * @template-covariant E of Event
 */
final readonly class Done
{
    /** @param E $event that of the entry */
    public function __construct(public Event $event, public Entry $entry)
    {
    }
}
