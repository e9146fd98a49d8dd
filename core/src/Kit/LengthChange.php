<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;

/** How a tube's length changes as it shrinks, in percent of its length as supplied: below zero it gets shorter. */
final readonly class LengthChange
{
    public function __construct(public float $percent, public float $below, public float $above)
    {
    }

    /** The length as installed. Common practice: the change does not depend on how far the tube recovers. */
    public function of(Length $supplied): Toleranced
    {
        $part = static fn (float $percent): Length => Length::nearestToMillimetres($supplied->inMillimetres() * $percent / 100);

        return Toleranced::of($supplied->plus($part($this->percent)), Tolerance::of($part($this->below), $part($this->above)));
    }
}
