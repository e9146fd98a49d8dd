<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;

/** A stretch of the axis where something lies, at a radius. */
final readonly class Interval
{
    public function __construct(
        /** A LayerKind value, "connector", or a part's key. */
        public string $key,
        public string $name,
        public ?End $end,
        public Length $from,
        public Length $to,
        /** Outer radius; for a planned part that of what lies beneath it. */
        public Length $radius,
        public Standing $standing,
    ) {
    }

    /** How much of it lies on $other; negative when there is a gap, by the width of the gap. */
    public function lapOn(self $other): Length
    {
        return Length::smallest($this->to, $other->to)->minus(Length::largest($this->from, $other->from));
    }
}
