<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;

/** A size of a kit as lists show it; the whole sheet is its open file. */
final class KitJson
{
    /** @return array<string, mixed> */
    public static function size(KitSheet $sheet, KitSize $size): array
    {
        return [
            'id' => $sheet->revision->id, 'revision' => $sheet->revision->number, 'name' => $sheet->name, 'maker' => $sheet->maker,
            'technology' => $sheet->application->technology->value, 'ratedVoltage' => $sheet->voltageOf($size)->label,
            'size' => $size->label,
        ];
    }
}
