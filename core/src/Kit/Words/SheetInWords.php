<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\StripRule;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** Every rule of a kit sheet as a plain sentence, in the leaflet's own order: what it is for, its sizes, its cuts, its parts. */
final class SheetInWords
{
    /** @return list<Rule> */
    public static function of(KitSheet $sheet): array
    {
        return [
            ...self::application($sheet),
            ...array_merge(...array_map(static fn (KitSize $size): array => self::size($sheet, $size), array_values($sheet->sizes))),
            ...array_merge(...array_map(self::cut(...), self::inOrderOfCutting($sheet))),
            ...array_merge([], ...array_map(self::part(...), array_values($sheet->parts))),
        ];
    }

    /** @return list<Rule> */
    private static function application(KitSheet $sheet): array
    {
        $insulations = implode(', ', array_map(static fn (InsulationMaterial $material): string => $material->label(), $sheet->insulations));
        $screens = implode(', ', array_map(static fn (MetallicScreen $screen): string => $screen->label(), $sheet->screens));

        return [
            new Rule('for/what', 'What it is for', Sentence::plain("{$sheet->name} by {$sheet->maker}: a {$sheet->technology->value} [{$sheet->function->value}] for {$sheet->cores->label()}, up to {$sheet->voltage->label}.")),
            new Rule('for/insulation', 'What it is for', Sentence::of('Insulation: {taken}.', ['taken' => $insulations])),
            new Rule('for/screen', 'What it is for', Sentence::of('[Metallic screen]: {taken}.', ['taken' => $screens])),
        ];
    }

    /** @return list<Rule> */
    private static function size(KitSheet $sheet, KitSize $size): array
    {
        $heading = "Size {$size->label}";
        $ranges = ['insulation' => $size->insulation, 'sheath' => $size->oversheath, 'thick' => $size->connectorDiameter, 'long' => $size->connectorLength];
        $values = ['least' => $size->conductors->min->label, 'most' => $size->conductors->max->label];
        foreach ($ranges as $name => $range) {
            $values = [...$values, "{$name}Least" => $range->min ?? Length::ofNanometres(0), "{$name}Most" => $range->max ?? Length::ofNanometres(0)];
        }
        $rules = [new Rule("size/{$size->label}", $heading, Sentence::of(
            'Conductors {least} to {most}; insulation {insulationLeast:fine} to {insulationMost:fine}; [oversheath] {sheathLeast:fine} to {sheathMost:fine}; connector {thickLeast:fine} to {thickMost:fine} thick and {longLeast} to {longMost} long.', $values,
        ))];
        foreach ($size->dimensions as $name => $length) {
            $rules[] = new Rule("size/{$size->label}/$name", $heading, Sentence::of('“'.str_replace('_', ' ', $name).'” is {length}.', ['length' => $length]));
        }
        foreach ($size->parts as $key => $tube) {
            $values = ['name' => $sheet->parts[$key]->name ?? $key, 'length' => $tube->length, 'expanded' => $tube->expandedBore, 'recovered' => $tube->recoveredBore];
            $rules[] = new Rule("size/{$size->label}/part/$key", $heading, Sentence::of('{name}: {length} long, {expanded:fine} wide as supplied, shrinks to {recovered:fine}.', $values));
        }

        return $rules;
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
            $rules[] = new Rule("cut/{$rule->cut->value}/".($i + 1), $heading, Sentence::of(('' === $when ? 'At' : "When $when: at")." $distance from the cable end; {below:fine} less to {above:fine} more will do.", $values), $case->reason);
        }
        [$depth, $lengths] = null === $rule->depth ? ['', []] : FormulaInWords::of($rule->depth, 'd');
        $rules[] = new Rule("cut/{$rule->cut->value}/tool", $heading, Sentence::of('With: '.lcfirst($rule->tool).('' === $depth ? '.' : ", blade set to $depth."), $lengths));

        return $rules;
    }

    /** @return list<Rule> */
    private static function part(Part $part): array
    {
        [$from, $lengths] = FormulaInWords::of($part->from, 'f');
        $parked = implode(' or ', array_map(static fn (End $end): string => $end->value, $part->parkOn));
        $rules = [
            new Rule("part/{$part->key}/place", $part->name, Sentence::of("Its edge towards end A lies at $from.", $lengths)),
            new Rule("part/{$part->key}/park", $part->name, Sentence::plain('' === $parked ? 'Goes on later: nothing to park.' : "Waits on end $parked before the connector.")),
        ];
        foreach ($part->laps as $layer => $least) {
            $rules[] = new Rule("part/{$part->key}/lap/$layer", $part->name, Sentence::of('Must cover at least {least} of the ['.str_replace('-', ' ', $layer).'], at each end.', ['least' => $least]));
        }

        return $rules;
    }
}
