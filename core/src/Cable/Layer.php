<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One layer of a construction, by the diameter over it. */
final readonly class Layer
{
    public function __construct(
        public LayerKind $kind,
        public Length $diameter,
        /** What the standard or the datasheet allows; null where it says nothing. */
        public ?Range $window,
        public Basis $basis,
        public string $source,
    ) {
    }

    /** The same layer about another diameter, worked out from a stated one beneath it; its window goes with it. */
    public function movedTo(Length $diameter): self
    {
        return new self(
            $this->kind,
            $diameter,
            $this->window?->movedBy($diameter->minus($this->diameter)),
            Basis::Computed,
            'from the diameter beneath; wall: '.$this->source,
        );
    }
}
