<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum InsulationMaterial: string
{
    case Xlpe = 'xlpe';
    case TreeRetardantXlpe = 'tr-xlpe';
    case Epr = 'epr';
    /** Mass-impregnated paper. */
    case Paper = 'paper';
    case VarnishedCambric = 'varnished-cambric';

    public function label(): string
    {
        return match ($this) {
            self::Xlpe => 'XLPE',
            self::TreeRetardantXlpe => 'TR-XLPE',
            self::Epr => 'EPR',
            self::Paper => 'paper',
            self::VarnishedCambric => 'varnished cambric',
        };
    }

    public function isExtruded(): bool
    {
        return match ($this) {
            self::Xlpe, self::TreeRetardantXlpe, self::Epr => true,
            self::Paper, self::VarnishedCambric => false,
        };
    }
}
