<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What a tube, body, sleeve or mesh of the kit is for. */
enum PartKind: string
{
    /** Controls the field; it is not conductive, though it is easily taken for the conductive one. */
    case StressTube = 'stress-tube';
    case InsulatingTube = 'insulating-tube';
    case DualWallTube = 'dual-wall-tube';
    case ConductiveTube = 'conductive-tube';
    case AntiTrackTube = 'anti-track-tube';
    /** Keeps the oil of a paper cable in. */
    case OilBarrierTube = 'oil-barrier-tube';
    case ReinforcingTube = 'reinforcing-tube';
    /** Makes a barrel as thick as what lies beside it. */
    case ShimTube = 'shim-tube';
    case SealTube = 'seal-tube';
    case ColdShrinkBody = 'cold-shrink-body';
    case PremouldedBody = 'premoulded-body';
    /** Of a separable elbow. */
    case Housing = 'housing';
    case Breakout = 'breakout';
    case Boot = 'boot';
    case Shed = 'shed';
    case Mesh = 'mesh';
    /** Slid on, before the connector. */
    case OuterSleeve = 'outer-sleeve';
    /** Closed round, afterwards. */
    case WraparoundSleeve = 'wraparound-sleeve';
    case ArmourCage = 'armour-cage';

    /** It goes on over the end; the others are wound or closed round. */
    public function isSlidOn(): bool
    {
        return !\in_array($this, [self::Mesh, self::WraparoundSleeve, self::ArmourCage], true);
    }

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
