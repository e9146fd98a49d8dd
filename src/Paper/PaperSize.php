<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Quantity\LengthUnit;

/** What lies in a printer's tray. */
enum PaperSize: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** What goes with inches, and with millimetres. */
    public static function of(LengthUnit $unit): self
    {
        return LengthUnit::Inch === $unit ? self::Letter : self::A4;
    }

    /** @return array{float, float} the shorter side and the longer, in mm. Source: ISO 216; ANSI/ASME Y14.1 (8 1/2 by 11 in) */
    public function sides(): array
    {
        return self::A4 === $this ? [210.0, 297.0] : [215.9, 279.4];
    }
}
