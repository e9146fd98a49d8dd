<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;

/** A part that cannot be put on later was slid onto an end. */
final readonly class PartParked implements Event
{
    public function __construct(public End $end, public string $part)
    {
    }
}
