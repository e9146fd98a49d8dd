<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\SetMark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;

/** A line across the strip: the end of the conductor, or a cut. */
final readonly class StripMark
{
    private function __construct(
        public Length $at,
        /** Without the unit, as it is set on a rule. */
        public string $said,
        /** Null: the end of the conductor. */
        public ?Mark $mark,
    ) {
    }

    public static function end(): self
    {
        return new self(Length::ofNanometres(0), '0', null);
    }

    /** Where the card has it: on a mark of the rule that lies well inside the window. */
    public static function cut(Mark $mark, LengthUnit $unit): self
    {
        $set = SetMark::of($mark->at, $mark->window(), $unit);

        return new self(Length::parse($set->at, $unit), $set->at, $mark);
    }
}
