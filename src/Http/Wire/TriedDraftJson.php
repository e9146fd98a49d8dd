<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\TriedDraft;
use Berm\Core\Fit\FitReport;
use Berm\Core\Quantity\Length;
use Berm\Core\Wire\SentenceJson;

/** A draft on the cables of a job: the job as it would be, what names stand for there, and what each size comes to. */
final class TriedDraftJson
{
    /** @return array<string, mixed> */
    public static function of(TriedDraft $tried): array
    {
        return [
            'job' => JobJson::of($tried->job),
            'standsIn' => $tried->standsIn,
            'values' => (object) array_map(static fn (array $ends): object => (object) array_map(self::value(...), $ends), $tried->values),
            'sizes' => array_map(
                self::size(...), array_map(strval(...), array_keys($tried->sizes)), $tried->sizes,
            ),
        ];
    }

    /** @return array<string, float|string> */
    private static function value(Length|float|string $value): array
    {
        return $value instanceof Length ? ['mm' => $value->inMillimetres()] : ['text' => (string) $value];
    }

    /** @return array<string, mixed> */
    private static function size(string $label, FitReport $report): array
    {
        $reason = $report->worst()?->reason;

        return [
            'size' => $label, 'outcome' => $report->outcome()->value, 'reason' => null === $reason ? null : SentenceJson::of($reason),
        ];
    }
}
