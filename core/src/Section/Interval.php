<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;

/** A stretch of the axis where something lies, at a radius. */
final readonly class Interval
{
    public function __construct(
        public Place $place,
        public string $name,
        public ?End $end,
        public Length $from,
        public Length $to,
        /** Outer radius. */
        public Length $radius,
        public Standing $standing,
    ) {
    }

    /** A LayerKind value, or "connector": how open files and the page tell them apart. */
    public function key(): string
    {
        return $this->place->key;
    }
}
