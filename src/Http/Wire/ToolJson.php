<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Fit\FitReport;
use Berm\Core\Tool\Tool;
use Berm\Core\Wire\SentenceJson;

final class ToolJson
{
    /** @return array<string, mixed> */
    public static function of(Tool $tool, \DateTimeImmutable $today): array
    {
        return [
            'id' => $tool->id, 'kind' => $tool->kind->value, 'name' => $tool->name, 'serial' => $tool->serial, 'dies' => $tool->dies,
            'range' => null === $tool->least || null === $tool->most
                ? null
                : "{$tool->least->inBothUnits()} to {$tool->most->inBothUnits()}",
            'calibratedUntil' => $tool->calibratedUntil?->format('Y-m-d'),
            'isOutOfCalibration' => $tool->isOutOfCalibrationOn($today),
        ];
    }

    /** @return array<string, mixed> with what a job asks of it */
    public static function judged(Tool $tool, FitReport $fit, \DateTimeImmutable $today): array
    {
        $worst = $fit->worst();

        return [
            'tool' => self::of($tool, $today),
            'outcome' => $fit->outcome()->value,
            'reason' => null === $worst ? null : SentenceJson::of($worst->reason),
        ];
    }
}
