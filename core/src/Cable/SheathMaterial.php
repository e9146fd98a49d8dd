<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum SheathMaterial: string
{
    case Pvc = 'pvc';
    case Pe = 'pe';
    /** Halogen-free. */
    case Lszh = 'lszh';
    /** Impregnated fibre over the armour or the lead. */
    case Serving = 'serving';

    public function label(): string
    {
        return match ($this) {
            self::Pvc, self::Pe, self::Lszh => strtoupper($this->value),
            self::Serving => 'fibre serving',
        };
    }
}
