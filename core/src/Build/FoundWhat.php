<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** What opening a cable can show. */
enum FoundWhat: string
{
    case WetStrands = 'wet-strands';
    case WetPaper = 'wet-paper';
    case OtherScreen = 'other-screen';
    case OtherConductor = 'other-conductor';
    case OtherSize = 'other-size';
    case DamagedSheath = 'damaged-sheath';
    case DamagedInsulation = 'damaged-insulation';
    case Other = 'other';

    /** In the IEC's terms where it stands in brackets. */
    public function label(): string
    {
        return match ($this) {
            self::WetStrands => 'water in the strands',
            self::WetPaper => 'damp papers',
            self::OtherScreen => 'another [metallic screen] than planned',
            self::OtherConductor => 'another conductor than planned',
            self::OtherSize => 'another diameter than planned',
            self::DamagedSheath => 'the [oversheath] is damaged',
            self::DamagedInsulation => 'the insulation is damaged',
            self::Other => 'otherwise than planned',
        };
    }
}
