<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;

/** A part of the kit that goes round the cable: where it ends up, what it must cover, and where it waits until then. */
final readonly class Part
{
    /**
     * @param list<End>      $parkOn   ends it may be parked on before the connector, the preferred one first; empty when it goes on later
     * @param list<Coverage> $coverage
     */
    public function __construct(
        public string $key,
        public string $name,
        public PartKind $kind,
        public array $parkOn,
        public Side $side,
        /** One on each core of a cable with three; else round the whole cable. */
        public bool $isPerCore,
        /** Parked one over the other, so that only the longest of them takes room. */
        public bool $isNested,
        /** Null: always. */
        public ?Formula $when,
        /** Its edge, from where its side says. */
        public Formula $from,
        public array $coverage,
        /** Why it lies there; empty where the leaflet does not say. */
        public string $reason,
    ) {
    }

    public function isParked(): bool
    {
        return [] !== $this->parkOn;
    }

    /** False only when its condition is known not to hold. */
    public function isIn(Values $values): bool
    {
        return null === $this->when || !$this->when->isKnown($values) || $this->when->holds($values);
    }
}
