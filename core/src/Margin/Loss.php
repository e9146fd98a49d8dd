<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

/** The most that a cause can take from a margin. */
final readonly class Loss
{
    public function __construct(public Cause $cause, public float $nanometres)
    {
    }
}
