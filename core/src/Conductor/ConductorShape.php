<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

enum ConductorShape: string
{
    case Solid = 'solid';
    case Stranded = 'stranded';
    case Compressed = 'compressed';
    case Compacted = 'compacted';
    case Sector = 'sector';
}
