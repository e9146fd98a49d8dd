<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Saying\Sentence;

/** One cut to be made: where, how exactly, with what, and why there. */
final readonly class Mark
{
    public function __construct(
        public MarkPlace $place,
        /** Place in the order of cutting of its end, from 1. */
        public int $order,
        /** From the cable end. */
        public Length $at,
        public Tolerance $tolerance,
        public string $tool,
        /** How deep the blade is set; null where the tool has no setting. */
        public ?Length $depth,
        /** False while the depth rests on the cable type, not on readings of this cable. */
        public bool $isDepthMeasured,
        public string $reason,
        public Sentence $working,
    ) {
    }

    public function onCore(?int $core): self
    {
        return new self(
            $this->place->onCore($core), $this->order, $this->at, $this->tolerance, $this->tool, $this->depth, $this->isDepthMeasured,
            $this->reason, $this->working,
        );
    }

    public function window(): Range
    {
        return Range::around($this->at, $this->tolerance);
    }
}
