<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\SizeTakes;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** What one size of a kit fits. @internal use SheetInWords::of() */
final class SizeInWords
{
    /** @return list<Rule> */
    public static function of(KitSheet $sheet, KitSize $size): array
    {
        $heading = "Size {$size->label}".(null === $size->voltage ? '' : ", {$size->voltage->label}");
        $rules = [];
        foreach ($size->takes as $end => $takes) {
            $rules[] = self::takes($size, $takes, $heading, 'A' === $end ? '' : "End $end: ");
        }
        foreach ($size->dimensions as $name => $length) {
            $rules[] = new Rule(
                "size/{$size->label}/$name",
                $heading,
                Sentence::of('“'.str_replace('_', ' ', $name).'” is {length}.', ['length' => $length]),
            );
        }
        foreach ($size->doubts as $doubt) {
            $rules[] = new Rule(
                "size/{$size->label}/{$doubt->dimension}/other", $heading,
                Sentence::of('The leaflet contradicts itself: “'.str_replace('_', ' ', $doubt->dimension).'” is {other} as well.', [
                    'other' => $doubt->other,
                ]), $doubt->reason,
            );
        }
        foreach ($size->stock as $stock) {
            [$more, $values] = StockInWords::properties($stock);
            if ($stock->kind->isRound() && '' !== $more) {
                $rules[] = new Rule(
                    "size/{$size->label}/part/{$stock->key}", $heading, Sentence::of(
                        '{name}: '.substr($more, 2).'.', ['name' => $stock->name, ...$values],
                    ),
                );
            }
        }

        return $rules;
    }

    private static function takes(KitSize $size, SizeTakes $takes, string $heading, string $start): Rule
    {
        $values = ['sizes' => $takes->conductors->label()];
        foreach ([
            'insulation' => $takes->insulation,
            'sheath' => $takes->oversheath,
            'lead' => $takes->leadSheath,
            'thick' => $size->connectorDiameter,
            'long' => $size->connectorLength,
        ] as $name => $range) {
            $values = null === $range ? $values : [...$values, ...self::limits($name, $range)];
        }
        $kinds = implode(', ', array_map(static fn (\BackedEnum $case): string => $case->value, [...$takes->materials, ...$takes->shapes]));

        return new Rule("size/{$size->label}".('' === $start ? '' : '/b'), $heading, Sentence::of(
            $start.('' === $start ? 'Conductors' : 'conductors').' {sizes}'.('' === $kinds ? '' : " ($kinds)").'; insulation {insulationLeast:fine} to {insulationMost:fine}; [oversheath] {sheathLeast:fine} to {sheathMost:fine}; '
            .(null === $takes->leadSheath ? '' : 'lead sheath {leadLeast:fine} to {leadMost:fine}; ').'connector {thickLeast:fine} to {thickMost:fine} thick and {longLeast} to {longMost} long.',
            $values,
        ));
    }

    /** @return array<string, Length> */
    private static function limits(string $name, Range $range): array
    {
        return ["{$name}Least" => $range->min ?? Length::ofNanometres(0), "{$name}Most" => $range->max ?? Length::ofNanometres(0)];
    }
}
