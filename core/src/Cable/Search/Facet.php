<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

/** What of a cable a search can ask for. */
enum Facet: string
{
    case Cores = 'cores';
    case Material = 'material';
    case Shape = 'shape';
    case Size = 'size';
    case Voltage = 'voltage';
    case Insulation = 'insulation';
    case Screen = 'screen';
    case Armour = 'armour';
}
