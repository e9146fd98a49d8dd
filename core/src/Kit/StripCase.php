<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Tolerance;

/** One way a cut is dimensioned, with what it is made and when: the schools differ by connector and screen, and each has its reason. */
final readonly class StripCase
{
    public function __construct(
        /** Null: always. */
        public ?Formula $when,
        public Formula $distance,
        public Tolerance $tolerance,
        public string $tool,
        /** How deep the blade is set; null where the tool has no setting. */
        public ?Formula $depth,
        /** The edge that it is laid from, so that what is not exact about it goes on into the mark; null: the cable end. */
        public ?Place $laidFrom,
        public string $reason,
    ) {
    }

    /** @return list<string> every name that its condition, distance or depth uses */
    public function names(): array
    {
        return [...$this->when?->names() ?? [], ...$this->distance->names(), ...$this->depth?->names() ?? []];
    }
}
