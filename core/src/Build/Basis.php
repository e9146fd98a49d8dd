<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** What an entry was judged by when it was written: with another plan, or another reading, it may no longer hold. */
final readonly class Basis
{
    private function __construct(
        public Pins $pins,
        /** The entry that it speaks of: the reading that was accepted. */
        public ?string $entry,
        public ?Range $window,
        /** What was found, where the plan works that out. */
        public ?Length $value,
    ) {
    }

    public static function of(Pins $pins, ?string $entry = null, ?Range $window = null, ?Length $value = null): self
    {
        return new self($pins, $entry, $window, $value);
    }
}
