<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What a tube, sleeve or mesh of the kit is for. */
enum PartKind: string
{
    case StressTube = 'stress-tube';
    case InsulatingTube = 'insulating-tube';
    case DualWallTube = 'dual-wall-tube';
    case AntiTrackTube = 'anti-track-tube';
    case SealTube = 'seal-tube';
    case Mesh = 'mesh';
    case OuterSleeve = 'outer-sleeve';
}
