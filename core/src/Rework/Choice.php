<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event;
use Berm\Core\Connector\Connector;

/** How a way is taken: by an entry as it stands, by one with what is measured, or by another plan. */
final readonly class Choice
{
    private function __construct(
        public ?Sawing $sawing = null,
        /** Written down as it stands. */
        public ?Event $writes = null,
        public ?Connector $connector = null,
        public ?KitAtHand $kit = null,
    ) {
    }

    /** Nothing is written down by it: it is measured, asked or left. */
    public static function none(): self
    {
        return new self();
    }

    public static function sawing(Sawing $sawing): self
    {
        return new self(sawing: $sawing);
    }

    public static function writing(Event $event): self
    {
        return new self(writes: $event);
    }

    public static function connector(Connector $connector): self
    {
        return new self(connector: $connector);
    }

    public static function kit(KitAtHand $kit): self
    {
        return new self(kit: $kit);
    }
}
