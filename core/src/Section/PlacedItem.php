<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Item;
use Berm\Core\Margin\Locus;

/** An item where it lies, or will: its edges on the axis, with what can move them. */
final readonly class PlacedItem
{
    public function __construct(
        public Item $item,
        /** The end that it lies on; null: across a joint. */
        public ?End $end,
        /** Of several in a row, from 0. */
        public int $index,
        /** Its lower edge on the axis. */
        public Locus $from,
        public Locus $to,
    ) {
    }

    /** It lies there nominally, its edges included. */
    public function covers(float $nanometres): bool
    {
        return $this->from->nominal->nanometres <= $nanometres && $nanometres <= $this->to->nominal->nanometres;
    }

    /** How much of it lies on another stretch; below zero where there is a gap, by the width of the gap. */
    public function lapOn(Locus $from, Locus $to): Locus
    {
        return Locus::smallest($this->to, $to)->minus(Locus::largest($this->from, $from));
    }

    public function middle(): Locus
    {
        return $this->from->plus($this->to)->times(0.5);
    }
}
