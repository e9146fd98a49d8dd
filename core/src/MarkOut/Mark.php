<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Saying\Sentence;

/** One cut to be made: where, how exactly, with what, and why there. */
final readonly class Mark
{
    public function __construct(
        public End $end,
        public Cut $cut,
        /** From 1, where the cut is made on each of several cores. */
        public ?int $core,
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
        return new self($this->end, $this->cut, $core, $this->order, $this->at, $this->tolerance, $this->tool, $this->depth, $this->isDepthMeasured, $this->reason, $this->working);
    }

    /** "end A" or "end A, core 2". */
    public function where(): string
    {
        return 'end '.$this->end->value.(null === $this->core ? '' : ", core $this->core");
    }

    public function window(): Range
    {
        return Range::around($this->at, $this->tolerance);
    }
}
