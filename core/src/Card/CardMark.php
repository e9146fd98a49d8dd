<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\SeenMark;

/** A mark on a card: what is cut there, and where it is seen from the datum that the reader chose. */
final readonly class CardMark
{
    public function __construct(
        public Mark $mark,
        public SeenMark $seen,
        /** Of the cores whose marks are the same as this one: "1, 2, 3"; empty where it goes round all of them, or there is but one. */
        public string $cores,
    ) {
    }
}
