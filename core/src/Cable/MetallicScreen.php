<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum MetallicScreen: string
{
    case CopperTape = 'copper-tape';
    case CopperWire = 'copper-wire';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
