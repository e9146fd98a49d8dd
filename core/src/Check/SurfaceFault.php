<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** What a gloved hand finds on a tube that was shrunk by heat, and what mends it. Common practice. */
enum SurfaceFault: string
{
    case Wrinkle = 'wrinkle';
    case FlatSpot = 'flat-spot';
    case Scorch = 'scorch';
    case Bubble = 'bubble';

    public function inWords(): string
    {
        return match ($this) {
            self::Wrinkle => 'a wrinkle',
            self::FlatSpot => 'a flat or cold spot',
            self::Scorch => 'a scorch',
            self::Bubble => 'a bubble',
        };
    }

    public function mend(): string
    {
        return match ($this) {
            self::Wrinkle => 'Soft flame round and round it until it lies smooth; do not press it down while it is hot.',
            self::FlatSpot => 'Heat there again, all round, until the wall is even and grips; then let it cool where it lies.',
            self::Scorch => 'Wipe a light one. A deep one is abraded to sound wall; where the wall is thin then, the tube comes off.',
            self::Bubble => 'Air is beneath: heat from its middle to the nearer end. If it stays, the tube comes off.',
        };
    }
}
