<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Part;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** A stretch of the axis where something lies, at a radius. */
final readonly class Interval
{
    public function __construct(
        public Place $place,
        public string $name,
        public ?End $end,
        public Length $from,
        public Length $to,
        /** Outer radius; for a planned part that of what lies beneath it. */
        public Length $radius,
        public Standing $standing,
    ) {
    }

    /** A LayerKind value, "connector", or a part's key: how open files and the page tell them apart. */
    public function key(): string
    {
        return $this->place->key;
    }

    public static function ofPart(Part $part, ?End $end, Length $from, Length $to, Length $radius): self
    {
        return new self(Place::item($part->key), $part->name, $end, $from, $to, $radius, Standing::Planned);
    }

    /** How much of it lies on $other; negative when there is a gap, by the width of the gap. */
    public function lapOn(self $other): Length
    {
        return Length::smallest($this->to, $other->to)->minus(Length::largest($this->from, $other->from));
    }

    /** The length that it lies on past $other at the side where that is less; negative where some of $other stays bare. */
    public function overhangOf(self $other): Length
    {
        return Length::smallest($other->from->minus($this->from), $this->to->minus($other->to));
    }

    /** Between the nearer edges; zero where they lie on each other. */
    public function gapTo(self $other): Length
    {
        return Length::largest(Length::ofNanometres(0), $this->lapOn($other)->negated());
    }

    public function offsetFrom(self $other): Length
    {
        return $this->from->plus($this->to)->minus($other->from)->minus($other->to)->absolute()->dividedBy(2, Rounding::Nearest);
    }
}
