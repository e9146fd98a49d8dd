<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\Quantity\Tolerance;

/** One way a cut is dimensioned, and when: the schools differ by connector, and each has its reason. */
final readonly class StripCase
{
    public function __construct(
        /** Null: always. */
        public ?Formula $when,
        public Formula $distance,
        public Tolerance $tolerance,
        public string $reason,
    ) {
    }
}
