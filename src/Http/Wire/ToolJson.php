<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\KeptTool;
use Berm\Core\Fit\FitReport;
use Berm\Core\Wire\SentenceJson;

final class ToolJson
{
    /** @return array<string, mixed> */
    public static function of(KeptTool $kept, \DateTimeImmutable $today): array
    {
        $tool = $kept->tool;

        return [
            'id' => $tool->id, 'version' => $kept->version, 'kind' => $tool->kind->value, 'name' => $tool->name, 'serial' => $tool->serial,
            'dies' => $tool->dies,
            'range' => null === $tool->least || null === $tool->most
                ? null
                : "{$tool->least->inBothUnits()} to {$tool->most->inBothUnits()}",
            'calibratedUntil' => $tool->calibratedUntil?->format('Y-m-d'),
            'isOutOfCalibration' => $tool->isOutOfCalibrationOn($today),
        ];
    }

    /**
     * @param list<array{KeptTool, FitReport}> $judged
     *
     * @return array<string, mixed>
     */
    public static function ofJob(array $judged, \DateTimeImmutable $today): array
    {
        return ['tools' => array_map(static fn (array $one): array => self::judged($one[0], $one[1], $today), $judged)];
    }

    /** @return array<string, mixed> with what a job asks of it */
    private static function judged(KeptTool $tool, FitReport $fit, \DateTimeImmutable $today): array
    {
        $worst = $fit->worst();

        return [
            'tool' => self::of($tool, $today),
            'outcome' => $fit->outcome()->value,
            'reason' => null === $worst ? null : SentenceJson::of($worst->reason),
        ];
    }
}
