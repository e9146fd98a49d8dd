<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\Material\Manner;

/** How much of a wrap goes on: so many passes or turns, to a diameter, or flush with what lies beside it. */
final readonly class Winding
{
    private function __construct(
        public Manner $manner,
        /** Passes of a helix, turns of a roll; null where it is wound to a diameter. */
        public ?float $passes,
        /** The diameter to build to, in whole passes. */
        public ?Formula $to,
    ) {
    }

    public static function ofPasses(Manner $manner, float $passes): self
    {
        return new self($manner, $passes, null);
    }

    public static function upTo(Manner $manner, Formula $diameter): self
    {
        return new self($manner, null, $diameter);
    }
}
