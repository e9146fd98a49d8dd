<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;

/**
 * Lengths with what they may differ, in open files: "44 mm" is exact; {"is": "44 mm", "either": "1 mm"} differs by so much either way,
 * {"is": "44 mm", "below": "0 mm", "above": "2 mm"} as it says.
 */
final class TolerancedFile
{
    public static function read(Fields $file, string $key): Toleranced
    {
        if (!$file->isObject($key)) {
            return Toleranced::exact($file->length($key));
        }
        $read = $file->object($key, static fn (Fields $of): Toleranced => Toleranced::of($of->length('is'), self::readTolerance($of)));

        return Fields::got($read);
    }

    public static function readTolerance(Fields $file): Tolerance
    {
        if ($file->has('either')) {
            return Tolerance::of($file->length('either'), $file->length('either'));
        }

        return Tolerance::of($file->length('below'), $file->length('above'));
    }

    /** @return string|array<string, string> */
    public static function write(Toleranced $length): string|array
    {
        $is = $length->value->toText();

        return $length->isExact() ? $is : ['is' => $is, ...self::writeTolerance($length->tolerance)];
    }

    /** @return array<string, string> */
    public static function writeTolerance(Tolerance $tolerance): array
    {
        return $tolerance->below->equals($tolerance->above)
            ? ['either' => $tolerance->above->toText()]
            : ['below' => $tolerance->below->toText(), 'above' => $tolerance->above->toText()];
    }
}
