<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Kit\Content;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Stage;
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
            ...array_merge([], ...array_map(static fn (Part $part): array => PartInWords::of($part, $sheet), array_values($sheet->parts))),
            ...array_map(self::content(...), array_values($sheet->contents)),
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
        [$depth, $lengths] = null === $rule->depth ? ['', []] : FormulaInWords::of($rule->depth, 'd');
        $rules[] = new Rule(
            "cut/{$rule->cut->value}/tool",
            $heading,
            Sentence::of('With: '.lcfirst($rule->tool).('' === $depth ? '.' : ", blade set to $depth."), $lengths),
        );

        return $rules;
    }

    private static function content(Content $content): Rule
    {
        [$text, $values] = ["$content->count × {name} ({kind})", ['name' => $content->name, 'kind' => $content->kind->label()]];
        foreach ($content->kind->properties() as $property) {
            [$words, $value] = PropertyInWords::of($property, $content->properties[$property->value] ?? false);
            $text .= '' === $words ? '' : ', '.strtr($words, ['{value' => '{'.$property->value]);
            $values = null === $value ? $values : [...$values, $property->value => $value];
        }

        return new Rule("box/$content->key", 'In the box', Sentence::of("$text.", $values));
    }
}
