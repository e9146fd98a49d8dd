<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What an item is by nature: how it comes to lie on the cable, and what its outside follows from. */
enum Nature: string
{
    /** Shrinks upon what lies beneath: its recovered cross-section stays what it is. */
    case Tube = 'tube';
    /** Rubber that was stretched upon a support: its cross-section stays what it is. */
    case Body = 'body';
    /** Rubber that is pushed on over more than its bore. */
    case Pushed = 'pushed';
    /** Has its own shape: a breakout, a boot, a shed. */
    case Moulded = 'moulded';
    /** Wound: a mastic, a tape, a mesh. */
    case Wrap = 'wrap';
    /** Laid, clamped or clipped on: a spring, a braid, a ring, a cage, a tie. */
    case Laid = 'laid';
    /** A zone where something is spread, cleaned or abraded; it has no thickness. */
    case Zone = 'zone';
    /** A layer of the cable itself, folded back, flared, trimmed or laid back on. */
    case Layer = 'layer';

    /** It goes on over the end of the cable, so it must pass what lies on its way. */
    public function isSlidOn(): bool
    {
        return match ($this) {
            self::Tube, self::Body, self::Pushed, self::Moulded => true,
            self::Wrap, self::Laid, self::Zone, self::Layer => false,
        };
    }
}
