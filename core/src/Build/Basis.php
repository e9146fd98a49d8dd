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
        /** @var list<string> ids of the entries that no longer count with it: what was found on a part that is off again */
        public array $falls,
        /** Each piece of work of its stage was written down by itself; false of entries from before that was done. */
        public bool $isStepByStep,
        /** The entry by which its part was off again, of which its author had not heard: then it does not count. */
        public ?string $offBy = null,
    ) {
    }

    /** @param list<string> $falls */
    public static function of(
        Pins $pins, ?string $entry = null, ?Range $window = null, ?Length $value = null, array $falls = [], bool $isStepByStep = false,
    ): self {
        return new self($pins, $entry, $window, $value, $falls, $isStepByStep);
    }

    public function onPartOffBy(string $entry): self
    {
        return new self($this->pins, $this->entry, $this->window, $this->value, $this->falls, $this->isStepByStep, $entry);
    }
}
