<?php

declare(strict_types=1);

namespace App\Paper\Section;

/** One row of bodies on an axis of its own: a core, or the cable as a whole where it has three. */
final readonly class DescribedLane
{
    /**
     * @param string              $name   "cores 1 and 3"; empty where there is but one lane
     * @param list<DescribedBody> $bodies the last that goes on first: what lies beneath is drawn upon it
     */
    public function __construct(public string $name, public array $bodies, public float $largest)
    {
    }
}
