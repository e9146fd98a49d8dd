<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum Armour: string
{
    case None = 'none';
    case SteelWire = 'steel-wire';
    case AluminiumWire = 'aluminium-wire';
    /** Two steel tapes. */
    case SteelTape = 'steel-tape';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
