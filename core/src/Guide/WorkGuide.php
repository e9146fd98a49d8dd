<?php

declare(strict_types=1);

namespace Berm\Core\Guide;

use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Words\StockInWords;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Section;

/** How one piece of work is done on this very cable: of what, from where to where, how much of it, how truly, and what it hides. */
final readonly class WorkGuide
{
    private function __construct(private Plan $plan, private Section $section)
    {
    }

    /** @return list<Sentence> each can be read by itself; empty where nothing more is known than its name */
    public static function of(Plan $plan, WorkPlace $work): array
    {
        $section = $plan->sectionOf($work->where->core ?? 1);
        $item = $plan->sheet?->items[$work->part] ?? null;

        return match (true) {
            null === $section || null === $plan->sheet => [],
            null === $item => self::ofStock($plan, $work->part),
            WorkKind::Off === $work->how => [],
            default => (new self($plan, $section))->ofItem($item, $work),
        };
    }

    /** @return list<Sentence> where it lies, and of what is wound how much: what has a place on a sheet of paper */
    public static function inShort(Plan $plan, WorkPlace $work): array
    {
        $section = $plan->sectionOf($work->where->core ?? 1);
        $item = $plan->sheet?->items[$work->part] ?? null;
        if (null === $section || null === $item) {
            return [];
        }
        $guide = new self($plan, $section);
        $placed = $guide->placed($item, $work);

        return [] === $placed ? [] : [
            ...(new Lie($plan, $section))->edges($placed[0], $placed[\count($placed) - 1], $work->where->end, false),
            ...\array_slice(HowMuch::of($plan, $section, $placed[0]), 1),
        ];
    }

    /** @return list<PlacedItem> */
    private function placed(Item $item, WorkPlace $work): array
    {
        return array_values(array_filter($this->section->items, static fn (PlacedItem $one): bool => $one->item->key === $item->key
            && (null === $work->where->end || null === $one->end || $one->end === $work->where->end)));
    }

    /** @return list<Sentence> */
    private static function ofStock(Plan $plan, string $key): array
    {
        $stock = $plan->job->size->stock[$key] ?? null;
        [$more, $values] = null === $stock ? ['', []] : StockInWords::properties($stock);

        return '' === $more ? [] : [Sentence::of(ucfirst(substr($more, 2)).'.', $values)];
    }

    /** @return list<Sentence> */
    private function ofItem(Item $item, WorkPlace $work): array
    {
        $placed = $this->placed($item, $work);
        if ([] === $placed) {
            return self::reason($item);
        }
        $lies = new Lie($this->plan, $this->section);

        return [
            ...$lies->edges($placed[0], $placed[\count($placed) - 1], $work->where->end, WorkKind::Place === $work->how),
            ...(WorkKind::Set === $work->how ? HowMuch::of($this->plan, $this->section, $placed[0]) : []),
            ...(0 === $item->hand->nanometres ? [] : [Sentence::of('True within {hand:fine}.', ['hand' => $item->hand])]),
            ...(WorkKind::Set === $work->how ? $lies->hides($placed[0]) : []),
            ...self::reason($item),
        ];
    }

    /** @return list<Sentence> */
    private static function reason(Item $item): array
    {
        return '' === $item->reason ? [] : [Sentence::plain($item->reason)];
    }
}
