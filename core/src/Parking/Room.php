<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;

/** Where parts can wait: the cable of an end, or its cores, and how much of it is free. */
final readonly class Room
{
    public function __construct(public End $end, public bool $isOnCores, /** Null when nobody has measured it. */ public ?Length $free)
    {
    }

    public function takes(Load $load): bool
    {
        return null !== $this->free && $load->length()->isAtMost($this->free);
    }
}
