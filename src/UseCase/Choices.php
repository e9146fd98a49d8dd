<?php

declare(strict_types=1);

namespace App\UseCase;

/** One page of what could be chosen, the best first. */
final readonly class Choices
{
    public const PER_PAGE = 10;

    /** @param list<Choice> $choices */
    public function __construct(
        public array $choices,
        public int $page,
        public int $total,
        /** How many of all are not refused: they come first. */
        public int $possible,
    ) {
    }
}
