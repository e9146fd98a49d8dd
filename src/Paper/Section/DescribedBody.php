<?php

declare(strict_types=1);

namespace App\Paper\Section;

/** A body of the section: what it is called, its pattern, and how far it reaches stretch by stretch, in mm of the accessory. */
final readonly class DescribedBody
{
    /** @param non-empty-list<array{float, float, float}> $steps from, to and the radius over it */
    public function __construct(
        public string $name,
        public string $pattern,
        public array $steps,
        public bool $isItem,
        /** Along the axis, as its flag says it; null where it says none. */
        public ?float $long,
    ) {
    }

    public function from(): float
    {
        return $this->steps[0][0];
    }

    public function to(): float
    {
        return $this->steps[\count($this->steps) - 1][1];
    }
}
