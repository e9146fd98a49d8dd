<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

/** An entry of the skeleton that a sheet has not: to be put in at its place, or said to be left out for good. */
final readonly class Offer
{
    /** @param array<mixed> $entry */
    public function __construct(
        public array $entry,
        /** Its place in the list, from 0. */
        public int $at,
        /** What a sheet calls it that does without: "items.marker". */
        public string $name,
    ) {
    }
}
