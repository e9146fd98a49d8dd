<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

/** The connector that goes best with a kit size, by the figures of both. */
final readonly class Pair
{
    public function __construct(
        /** The connector's row; null when none goes with it. */
        public ?int $connector,
        /** Of kit and connector together, as Outcome has it. */
        public int $strictness,
        /** In nanometres, the thinnest of all. */
        public int $margin,
        /** How many connectors go with it. */
        public int $goes,
    ) {
    }
}
