<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Profile\Profile;
use Berm\Core\Section\CutPoint;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Ruling;
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
            'items' => array_map(static fn (PlacedItem $placed): array => self::item($placed, $section), $section->items),
            'cuts' => array_map(self::cut(...), $section->cuts),
            'rules' => array_map(self::ruling(...), $section->rulings),
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
    private static function item(PlacedItem $placed, Section $section): array
    {
        return [
            'key' => $placed->item->key,
            'name' => $placed->item->name,
            'nature' => $placed->item->nature->value,
            'class' => $placed->item->class->value,
            'end' => $placed->end?->value,
            'perCore' => $placed->item->isPerCore,
            'fromMm' => $placed->from->nominal->inMillimetres(),
            'toMm' => $placed->to->nominal->inMillimetres(),
            'outline' => array_map(static fn (array $under): array => [
                'fromMm' => $under[0]->from / 1e6, 'toMm' => $under[0]->to / 1e6,
                'insideMm' => round($under[0]->coats[$under[1]]->beneath / 2, 3),
                'outsideMm' => round($under[0]->coats[$under[1]]->outside / 2, 3),
            ], Profile::under($placed, $section->profile->lane($placed, $section->profile->core === $section->profile->cable))),
        ];
    }

    /** @return array<string, mixed> */
    private static function ruling(Ruling $ruling): array
    {
        $worst = $ruling->worst();

        return [
            'item' => $ruling->place->item,
            'name' => $ruling->name,
            'end' => $ruling->place->where->end?->value,
            'core' => $ruling->place->where->core,
            'rule' => $ruling->place->rule->value,
            'of' => $ruling->place->of?->key,
            'valueMm' => $ruling->value->inMillimetres(),
            'minMm' => MarkOutJson::millimetres($ruling->window->min),
            'maxMm' => MarkOutJson::millimetres($ruling->window->max),
            'marginMm' => $ruling->margin->nominal->inMillimetres(),
            'worstMm' => $ruling->margin->worst->inMillimetres(),
            'likelyMm' => $ruling->margin->likely->inMillimetres(),
            'proof' => $ruling->proof()->value,
            'binding' => $ruling->isBinding,
            'reason' => SentenceJson::of($ruling->reason()),
            'worst' => null === $worst ? null : SentenceJson::of($worst),
        ];
    }
}
