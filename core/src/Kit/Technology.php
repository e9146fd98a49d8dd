<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

enum Technology: string
{
    case HeatShrink = 'heat-shrink';
    case ColdShrink = 'cold-shrink';
    case Premoulded = 'premoulded';
}
