<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** One line of the log: who wrote what down, when it was done and when it was written, and what it was judged by. */
final readonly class Entry
{
    private function __construct(
        /** Made by whoever writes the entry (UUIDv7), so that sending it twice stores it once. */
        public string $id,
        public string $by,
        /** When the server took it. */
        public \DateTimeImmutable $at,
        public Event $event,
        public Timing $timing,
        /** Null of entries from before it was kept. */
        public ?Basis $basis,
    ) {
    }

    public static function of(
        string $id, string $by, \DateTimeImmutable $at, Event $event, ?Timing $timing = null, ?Basis $basis = null,
    ): self {
        return new self($id, $by, $at, $event, $timing ?? Timing::atOnce(), $basis);
    }

    /** What waits are judged by. */
    public function doneAt(): \DateTimeImmutable
    {
        return $this->timing->doneAt ?? $this->at;
    }

    /** It was written for the plan as it is, or for one that does not differ in what it rests on. */
    public function standsFor(Pins $now): bool
    {
        return null === $this->basis || $this->basis->pins->agreesWith($now, $this->event::kind()->standsOn());
    }
}
