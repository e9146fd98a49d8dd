<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Quantity\Length;

/** A stretch of the strip that goes on one sheet, at true size. */
final readonly class StripPiece
{
    /** @param list<StripMark> $marks that lie on it */
    public function __construct(
        public Length $from,
        public Length $to,
        public array $marks,
        /** It is glued to the one before it; else so much is left out before it, or it is the first. */
        public bool $isGlued,
        /** Of plain cable, between the end of the one before it and its beginning; null: nothing. */
        public ?Length $leftOut,
    ) {
    }

    public function length(): Length
    {
        return $this->to->minus($this->from);
    }
}
