<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Margin\Locus;

/** Where one thing must lap the next so that nothing between them stays bare. @internal */
final readonly class Link
{
    public function __construct(
        /** Null: the place that must be covered first. */
        public ?PlacedItem $one,
        /** Null: the place that must be covered last. */
        public ?PlacedItem $next,
        public Locus $lap,
    ) {
    }

    public function inWords(): string
    {
        $name = static fn (PlacedItem $placed): string => 'the '.lcfirst($placed->item->name);

        return match (true) {
            null !== $this->one && null !== $this->next => 'between '.$name($this->one).' and '.$name($this->next),
            null !== $this->one => 'past '.$name($this->one),
            null !== $this->next => 'before '.$name($this->next),
            default => 'all along: nothing lies there',
        };
    }
}
