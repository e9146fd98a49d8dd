<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Spot;

/** Readings as typed: {"typed": "20.4", "unit": "mm", "instrument": "caliper"}, with "place" and "axis" where they were said, and
 * with "sentBy" where the instrument sent it. */
final class ReadingFile
{
    public static function read(Fields $file): Reading
    {
        return self::judged($file, static fn (Reading $reading): Reading => $reading);
    }

    /** A reading of what has an extent, so never 0. */
    public static function readPositive(Fields $file): Reading
    {
        return self::judged($file, static fn (Reading $reading): Reading => $reading->ofSomething());
    }

    /** @param \Closure(Reading): Reading $judge */
    private static function judged(Fields $file, \Closure $judge): Reading
    {
        $typed = $file->optionalText('typed', 40);
        $unit = $file->choice('unit', LengthUnit::class);
        $instrument = $file->choice('instrument', Instrument::class);
        $spot = $file->has('place')
            ? Spot::of($file->integer('place', 1, Spot::PLACES), $file->has('axis') ? $file->oneOf('axis', Spot::AXES) : 0)
            : null;
        $sentBy = SentByFile::optional($file);
        try {
            return $judge(Reading::typed($typed, $unit, $instrument, $spot, $sentBy));
        } catch (CoreError $error) {
            $file->problem('typed', $error->getMessage());
            throw new Skipped();
        }
    }

    /** @return array{typed: string, unit: string, instrument: string, place?: int, axis?: int, sentBy?: array<string, string>} */
    public static function write(Reading $reading): array
    {
        return [
            'typed' => $reading->typed, 'unit' => $reading->unit->value, 'instrument' => $reading->instrument->value,
            ...(null === $reading->spot ? [] : ['place' => $reading->spot->place, 'axis' => $reading->spot->axis]),
            ...SentByFile::write($reading->sentBy),
        ];
    }
}
