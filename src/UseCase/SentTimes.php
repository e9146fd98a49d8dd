<?php

declare(strict_types=1);

namespace App\UseCase;

/** What a device says of an entry's times, by its own clock, of what it had heard, and what somebody says of when it was done. */
final readonly class SentTimes
{
    public function __construct(
        public ?\DateTimeImmutable $madeAt,
        public ?\DateTimeImmutable $sentAt,
        /** Told, where it was written down later than it was done. */
        public ?\DateTimeImmutable $doneAt,
        /** How many lines of the log it had heard of when the entry was made; null: all of them. */
        public ?int $heard = null,
    ) {
    }
}
