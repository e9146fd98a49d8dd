<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** The semiconducting layer on the insulation, by how it comes off. */
enum InsulationScreen: string
{
    case Strippable = 'strippable';
    case Bonded = 'bonded';
    case CarbonPaper = 'carbon-paper';
    case MetallisedPaper = 'metallised-paper';
    /** Belted cores have none. */
    case None = 'none';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
