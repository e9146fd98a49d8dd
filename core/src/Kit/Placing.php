<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\Place\Place;

/**
 * How the place of an item is given.
 *
 * From and to are distances from the end of the conductor. Of an item on one end, from is its edge towards the connector or lug and to
 * the one towards the cable; of one across a joint, from lies on end A and to on end B.
 */
final readonly class Placing
{
    private function __construct(
        public ?Formula $from,
        public ?Formula $to,
        /** What its middle lies on: of a layer, the middle between its cuts on both ends. */
        public ?Place $centredOn,
        /** Its edge towards end A, from the middle of the connector, towards end B. */
        public ?Formula $fromCentre,
    ) {
    }

    public static function between(Formula $from, Formula $to): self
    {
        return new self($from, $to, null, null);
    }

    /** Its other edge lies as far away as it is long. */
    public static function from(Formula $from): self
    {
        return new self($from, null, null, null);
    }

    public static function to(Formula $to): self
    {
        return new self(null, $to, null, null);
    }

    public static function centredOn(Place $place): self
    {
        return new self(null, null, $place, null);
    }

    public static function fromCentre(Formula $edge): self
    {
        return new self(null, null, null, $edge);
    }

    /** It is as long as it is made, not as the place asks. */
    public function needsLength(): bool
    {
        return null === $this->from || null === $this->to;
    }

    /** @return list<Formula> */
    public function formulas(): array
    {
        return array_values(
            array_filter([$this->from, $this->to, $this->fromCentre], static fn (?Formula $formula): bool => null !== $formula),
        );
    }
}
