<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum InsulationMaterial: string
{
    case Xlpe = 'xlpe';
    case TreeRetardantXlpe = 'tr-xlpe';
    case Epr = 'epr';

    public function label(): string
    {
        return match ($this) {
            self::Xlpe => 'XLPE',
            self::TreeRetardantXlpe => 'TR-XLPE',
            self::Epr => 'EPR',
        };
    }
}
