<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Formula\Formula;
use Berm\Core\Quantity\Length;

/** A part of the kit that goes round the cable: where it ends up, what it must cover, and where it waits until then. */
final readonly class Part
{
    /**
     * @param list<End>             $parkOn ends it may be parked on before the connector, the preferred one first; empty when it goes on later
     * @param array<string, Length> $laps   least length it must lie on a layer, at each end, by LayerKind value
     */
    public function __construct(
        public string $key,
        public string $name,
        public PartKind $kind,
        public array $parkOn,
        /** Its edge towards end A: from the joint's centre, or on a termination from the cable end inwards. */
        public Formula $from,
        public array $laps,
    ) {
    }

    public function isParked(): bool
    {
        return [] !== $this->parkOn;
    }
}
