<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Section\Interval;
use Berm\Core\Section\Lap;
use Berm\Core\Section\Section;

final class SectionJson
{
    /** @return array<string, mixed>|null */
    public static function of(?Section $section): ?array
    {
        return null === $section ? null : [
            'layers' => array_map(self::interval(...), $section->layers),
            'connector' => self::interval($section->connector),
            'parts' => array_map(self::interval(...), $section->parts),
            'laps' => array_map(static fn (Lap $lap): array => [
                'part' => $lap->part->key,
                'end' => $lap->end->value,
                'rule' => $lap->coverage->rule->value,
                'of' => $lap->coverage->of,
                'judgement' => FitJson::judgement($lap->judgement),
                'reason' => SentenceJson::of($lap->reason()),
            ], $section->laps),
        ];
    }

    /** @return array<string, mixed> */
    private static function interval(Interval $interval): array
    {
        return [
            'key' => $interval->key,
            'name' => $interval->name,
            'end' => $interval->end?->value,
            'fromMm' => $interval->from->inMillimetres(),
            'toMm' => $interval->to->inMillimetres(),
            'radiusMm' => $interval->radius->inMillimetres(),
            'standing' => $interval->standing->value,
        ];
    }
}
