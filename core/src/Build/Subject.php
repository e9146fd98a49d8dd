<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Place\Keyed;

/** What an entry is about. */
final readonly class Subject implements Keyed
{
    /** @param list<string|int> $subject */
    public function __construct(private EventKind $kind, private array $subject)
    {
    }

    public static function of(Event $event): self
    {
        return new self($event::kind(), $event->subject());
    }

    public function path(): array
    {
        return [$this->kind->value, ...$this->subject];
    }
}
