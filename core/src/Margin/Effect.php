<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

/** How much of a cause a length takes: all of it, half, or the other way round. */
final readonly class Effect
{
    public function __construct(public Cause $cause, public float $share)
    {
    }

    /** The most that the cause can take from the length, in nanometres; 0 where it can only add. */
    public function against(): float
    {
        return -min($this->share * $this->cause->least->nanometres, $this->share * $this->cause->most->nanometres, 0.0);
    }

    /** The most that it can add, in nanometres. */
    public function towards(): float
    {
        return max($this->share * $this->cause->least->nanometres, $this->share * $this->cause->most->nanometres, 0.0);
    }
}
