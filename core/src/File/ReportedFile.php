<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Check\Pressed;
use Berm\Core\Instrument\Reported;
use Berm\Core\Instrument\ReportKind;
use Berm\Core\Quantity\SentBy;
use Berm\Core\Quantity\Torque;

/**
 * What an instrument sends: {"name": "Caliper", "sentBy": {…}} and one of
 * "reading": {"typed": "59.47", "unit": "mm", "instrument": "caliper"}, "torque": "45 N·m", "press": {"die": "B 25", "force": "130 kN"},
 * "air": {"air": "14 °C", "humidity": 71}, "label": "…". See docs/formats/instruments.md.
 */
final class ReportedFile
{
    public static function read(Fields $file): Reported
    {
        $name = $file->text('name', 60);
        $by = Fields::got($file->object(SentByFile::KEY, SentByFile::read(...)));
        $kind = self::kind($file);

        return new Reported($kind, $name, $by, [$kind->value => self::says($kind, $file, $by)]);
    }

    private static function kind(Fields $file): ReportKind
    {
        $given = array_values(array_filter(ReportKind::cases(), static fn (ReportKind $kind): bool => $file->has($kind->value)));
        if (1 !== \count($given)) {
            $fields = implode(', ', array_column(ReportKind::cases(), 'value'));
            $file->problem(($given[1] ?? ReportKind::Reading)->value, "one report says one thing: send one of $fields.");
            throw new Skipped();
        }

        return $given[0];
    }

    private static function says(ReportKind $kind, Fields $file, SentBy $by): mixed
    {
        return match ($kind) {
            ReportKind::Reading => [
                ...ReadingFile::write(Fields::got($file->object($kind->value, ReadingFile::read(...)))), ...SentByFile::write($by),
            ],
            ReportKind::Torque => $file->parsed($kind->value, Torque::parse(...), Torque::standIn())->toText(),
            ReportKind::Press => $file->object($kind->value, static fn (Fields $press): array => Pressed::reported($press, $by)->write()),
            ReportKind::Air => $file->object($kind->value, static fn (Fields $air): array => WeatherFile::write(WeatherFile::read($air))),
            ReportKind::Label => $file->label($kind->value, 200),
        };
    }
}
