<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;

/** How conductors sit in a connector: what is not exact about it, and what its growth moves. */
final readonly class Seating
{
    private function __construct(
        /** By how much a conductor that is fully in may stand short of home, as its mark at the mouth can still tell. */
        public Length $short,
        /** Of the connector's diameter. */
        public Tolerance $diameter,
        /**
         * The part of a barrel's growth that moves its conductor away; what is left grows over the conductor and closes the gap at its
         * mouth.
         */
        public float $share,
    ) {
    }

    /**
     * What its sheet does not say is as common practice has it: 1 mm is what an insertion mark tells, and growth moves the conductor.
     *
     * @throws ImpossibleConnector when the share is not from 0 to 1
     */
    public static function of(?Length $short = null, ?Tolerance $diameter = null, ?float $share = null): self
    {
        $none = Length::ofNanometres(0);
        $share ??= 1.0;

        return $share < 0.0 || $share > 1.0
            ? throw ImpossibleConnector::share($share)
            : new self($short ?? Length::ofMillimetres(1), $diameter ?? Tolerance::of($none, $none), $share);
    }
}
