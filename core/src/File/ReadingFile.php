<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\LayerKind;
use Berm\Core\CoreError;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;

/** Readings as typed: {"typed": "20.4", "unit": "mm", "instrument": "caliper"}. */
final class ReadingFile
{
    public static function read(Fields $file): Reading
    {
        $typed = $file->optionalText('typed', 40);
        $unit = $file->choice('unit', LengthUnit::class);
        $instrument = $file->choice('instrument', Instrument::class);
        try {
            return Reading::typed($typed, $unit, $instrument);
        } catch (CoreError $error) {
            $file->problem('typed', $error->getMessage());
            throw new Skipped();
        }
    }

    /** @return array{typed: string, unit: string, instrument: string} */
    public static function write(Reading $reading): array
    {
        return ['typed' => $reading->typed, 'unit' => $reading->unit->value, 'instrument' => $reading->instrument->value];
    }

    /** The readings of one end: an object with a list for each layer. */
    public static function readAsFound(Fields $file): AsFound
    {
        $readings = [];
        foreach (LayerKind::cases() as $layer) {
            if ($layer->isMeasurable()) {
                $readings[$layer->value] = $file->list($layer->value, self::read(...), 24);
            }
        }

        return AsFound::of($readings);
    }

    public static function writeAsFound(AsFound $asFound): object
    {
        return (object) array_map(static fn (array $readings): array => array_map(self::write(...), $readings), $asFound->readings);
    }
}
