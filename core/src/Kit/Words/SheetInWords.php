<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\StripRule;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Saying\Sentence;

/**
 * Every rule of a kit sheet as a plain sentence, in the leaflet's own order: what it is for, its sizes, its cuts, its parts, what lies in
 * the box, the stages.
 */
final class SheetInWords
{
    /** @return list<Rule> */
    public static function of(KitSheet $sheet): array
    {
        return [
            ...ApplicationInWords::of($sheet),
            ...array_merge(...array_map(static fn (KitSize $size): array => SizeInWords::of($sheet, $size), array_values($sheet->sizes))),
            ...array_merge(...array_map(self::cut(...), self::inOrderOfCutting($sheet))),
            ...array_merge([], ...array_map(static fn (Item $item): array => ItemInWords::of($item, $sheet), array_values($sheet->items))),
            ...array_map(static fn (PlaceRule $rule): Rule => ItemInWords::ofSheet($rule, $sheet), array_values($sheet->placeRules)),
            ...array_map(static fn (Stock $stock): Rule => StockInWords::of($stock, $sheet), array_values($sheet->stock)),
            ...array_merge([], ...array_map(static fn (Stage $stage): array => StageInWords::of($stage, $sheet), $sheet->stages)),
        ];
    }

    /** @return list<StripRule> */
    private static function inOrderOfCutting(KitSheet $sheet): array
    {
        return array_values(array_filter(array_map(static fn (Cut $cut): ?StripRule => $sheet->rules[$cut->value] ?? null, Cut::cases())));
    }

    /** @return list<Rule> */
    private static function cut(StripRule $rule): array
    {
        $heading = 'Cut of the ['.$rule->cut->layer()->label().']';
        $rules = [];
        foreach ($rule->cases as $i => $case) {
            [$distance, $lengths] = FormulaInWords::of($case->distance, 'l');
            [$when, $inWhen] = null === $case->when ? ['', []] : FormulaInWords::of($case->when, 'w');
            $values = [...$lengths, ...$inWhen, 'below' => $case->tolerance->below, 'above' => $case->tolerance->above];
            $rules[] = new Rule(
                "cut/{$rule->cut->value}/".($i + 1),
                $heading,
                Sentence::of(
                    ('' === $when ? 'At' : "When $when: at")." $distance from the cable end; {below:fine} less to {above:fine} more will do.",
                    $values,
                ),
                $case->reason,
            );
        }
        foreach ($rule->cases as $i => $case) {
            [$depth, $lengths] = null === $case->depth ? ['', []] : FormulaInWords::of($case->depth, 'd');
            if (0 === $i || $case->tool !== $rule->cases[0]->tool || $case->depth?->text !== $rule->cases[0]->depth?->text) {
                $rules[] = new Rule(
                    "cut/{$rule->cut->value}/tool".(0 === $i ? '' : '/'.($i + 1)), $heading,
                    Sentence::of('With: '.lcfirst($case->tool).('' === $depth ? '.' : ", blade set to $depth."), $lengths),
                );
            }
        }

        return $rules;
    }
}
