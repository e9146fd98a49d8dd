<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Section\CutPoint;
use Berm\Core\Section\Interval;
use Berm\Core\Section\Lap;
use Berm\Core\Section\Section;

final class SectionJson
{
    /** @return array<string, mixed>|null */
    public static function of(?Section $section): ?array
    {
        return null === $section ? null : [
            'core' => $section->core,
            'layers' => array_map(self::interval(...), $section->layers),
            'connector' => self::interval($section->connector),
            'parts' => array_map(self::interval(...), $section->parts),
            'cuts' => array_map(self::cut(...), $section->cuts),
            'laps' => array_map(self::lap(...), $section->laps),
        ];
    }

    /** @return array<string, mixed> */
    private static function interval(Interval $interval): array
    {
        return [
            'key' => $interval->key(),
            'name' => $interval->name,
            'end' => $interval->end?->value,
            'fromMm' => $interval->from->inMillimetres(),
            'toMm' => $interval->to->inMillimetres(),
            'radiusMm' => $interval->radius->inMillimetres(),
            'standing' => $interval->standing->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function cut(CutPoint $cut): array
    {
        return [
            'end' => $cut->place->end->value, 'cut' => $cut->place->cut->value, 'core' => $cut->place->core,
            'axisMm' => $cut->onAxis->inMillimetres(), 'fromEndMm' => $cut->fromEnd->inMillimetres(), 'standing' => $cut->standing->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function lap(Lap $lap): array
    {
        return [
            'part' => $lap->place->part,
            'end' => $lap->place->where->end?->value,
            'core' => $lap->place->where->core,
            'rule' => $lap->place->rule->value,
            'of' => $lap->place->of->key,
            'judgement' => FitJson::judgement($lap->judgement),
            'reason' => SentenceJson::of($lap->reason()),
        ];
    }
}
