<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** One line of the log: who wrote what down, and when. */
final readonly class Entry
{
    public function __construct(
        /** Made by whoever writes the entry (UUIDv7), so that sending it twice stores it once. */
        public string $id,
        public string $by,
        public \DateTimeImmutable $at,
        public Event $event,
    ) {
    }
}
