<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;

/** A named stretch in an item: its insert, its block, its conductive side. */
final readonly class Feature
{
    public function __construct(
        public string $key,
        public string $name,
        /** From the item's edge towards end A, or towards the connector; "part_length" is the item's own. */
        public Formula $from,
        public Formula $to,
    ) {
    }
}
