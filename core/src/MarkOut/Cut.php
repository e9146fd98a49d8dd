<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\LayerKind;

/** A cut made all round the cable, named by the layer it ends; from the outside in, as they are made. */
enum Cut: string
{
    case Oversheath = 'oversheath';
    case MetallicScreen = 'metallic-screen';
    case InsulationScreen = 'insulation-screen';
    case Insulation = 'insulation';

    public function layer(): LayerKind
    {
        return LayerKind::from($this->value);
    }

    /** Place in the order of cutting, from 1. */
    public function order(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    public function formulaName(): string
    {
        return 'cut_'.str_replace('-', '_', $this->value);
    }
}
