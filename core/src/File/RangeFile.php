<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Quantity\Range;

/** Ranges in open files: {"min": "17 mm", "max": "26 mm"}. */
final class RangeFile
{
    public static function read(Fields $file): Range
    {
        return Range::between($file->length('min'), $file->length('max'));
    }

    /** @return array{min: string, max: string} */
    public static function write(Range $range): array
    {
        return ['min' => $range->min?->toText() ?? '0 mm', 'max' => $range->max?->toText() ?? '100000 mm'];
    }

    public static function readSizes(Fields $file): SizeRange
    {
        $standIn = ConductorSize::ofSquareMillimetres(95);

        return SizeRange::between(
            $file->parsed('min', ConductorSize::parse(...), $standIn), $file->parsed('max', ConductorSize::parse(...), $standIn),
        );
    }

    /** @return array{min: string, max: string} */
    public static function writeSizes(SizeRange $range): array
    {
        return ['min' => $range->min->label, 'max' => $range->max->label];
    }
}
