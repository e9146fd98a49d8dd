<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Check\CheckPlace;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Section\RulingPlace;

/**
 * What an engineer may let stand: a cut, a check, a part that covers less than the kit asks, another leaflet, what was found
 * otherwise, a sheet that was withdrawn.
 */
final readonly class Acceptable
{
    private function __construct(
        public ?MarkPlace $cut,
        public ?CheckPlace $check,
        public ?RulingPlace $ruling,
        public bool $isLeaflet = false,
        /** The id of the entry that says what was found. */
        public ?string $found = null,
        public bool $isWithdrawn = false,
    ) {
    }

    public static function cut(MarkPlace $place): self
    {
        return new self($place, null, null);
    }

    public static function check(CheckPlace $place): self
    {
        return new self(null, $place, null);
    }

    public static function ruling(RulingPlace $place): self
    {
        return new self(null, null, $place);
    }

    public static function leaflet(): self
    {
        return new self(null, null, null, true);
    }

    public static function found(string $entry): self
    {
        return new self(null, null, null, found: $entry);
    }

    public static function withdrawn(): self
    {
        return new self(null, null, null, isWithdrawn: true);
    }
}
