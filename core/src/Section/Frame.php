<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Margin\Locus;

/**
 * One end of the cable on the axis of the accessory.
 *
 * A joint's zero is the middle of the connector's stop, where the conductors would meet; end A lies below it. A termination's zero is the
 * bottom of the lug's bore; the cable lies above it. Places of an end are counted from the end of its conductor towards the cable.
 */
final readonly class Frame
{
    private function __construct(
        public End $end,
        /** Where the conductor ends, on the axis. */
        public Locus $origin,
        /** Places further along the cable lie lower on the axis. */
        private bool $isMirrored,
    ) {
    }

    /** @param Locus $away how far from the zero its conductor ends */
    public static function of(End $end, Locus $away, bool $isMirrored): self
    {
        return new self($end, $isMirrored ? $away->negated() : $away, $isMirrored);
    }

    public function onAxis(Locus $fromEnd): Locus
    {
        return $this->isMirrored ? $this->origin->minus($fromEnd) : $this->origin->plus($fromEnd);
    }

    public function fromEnd(Locus $onAxis): Locus
    {
        return $this->isMirrored ? $this->origin->minus($onAxis) : $onAxis->minus($this->origin);
    }

    /**
     * The lower and the upper end, on the axis, of a stretch of this end.
     *
     * @return array{Locus, Locus}
     */
    public function stretch(Locus $near, Locus $far): array
    {
        $ends = [$this->onAxis($near), $this->onAxis($far)];

        return $this->isMirrored ? array_reverse($ends) : $ends;
    }

    /**
     * The edge of a stretch of the axis towards the connector, and the one towards this end's cable, from the end of the conductor.
     *
     * @return array{Locus, Locus}
     */
    public function edges(Locus $from, Locus $to): array
    {
        $edges = [$this->fromEnd($from), $this->fromEnd($to)];

        return $this->isMirrored ? array_reverse($edges) : $edges;
    }
}
