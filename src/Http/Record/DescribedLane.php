<?php

declare(strict_types=1);

namespace App\Http\Record;

/** One row of bodies on an axis of its own: a core, or the cable as a whole where it has three. */
final readonly class DescribedLane
{
    /** @param list<DescribedBody> $bodies the last that goes on first: what lies beneath is drawn upon it */
    public function __construct(public array $bodies, public float $largest)
    {
    }
}
