<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Cable\End;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\Side;
use Berm\Core\Place\Place;
use Berm\Core\Place\PlaceKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** Where an item lies, where it waits, and what it must cover. @internal use SheetInWords::of() */
final class ItemInWords
{
    /** @return list<Rule> */
    public static function of(Item $item, KitSheet $sheet): array
    {
        [$when, $inWhen] = null === $item->when ? ['', []] : FormulaInWords::of($item->when, 'w');
        [$place, $lengths] = self::place($item, $sheet);
        $parked = implode(' or ', array_map(static fn (End $end): string => $end->value, $item->parkOn));
        $hand = 0 === $item->hand->nanometres ? '' : ' Set by hand within {hand:fine}.';

        return [
            new Rule(
                "part/{$item->key}/place",
                $item->name,
                Sentence::of(
                    ('' === $when ? '' : "When $when: ").('' === $when ? $place : lcfirst($place)).($item->isPerCore ? ' One on each core.' : '').$hand,
                    [...$lengths, ...$inWhen, ...('' === $hand ? [] : ['hand' => $item->hand])],
                ),
                $item->reason,
            ),
            new Rule(
                "part/{$item->key}/park",
                $item->name,
                Sentence::plain(
                    '' === $parked
                        ? 'Goes on later: nothing to park.'
                        : "Waits on end $parked before the connector".($item->isNested ? ', one over the other.' : '.'),
                ),
            ),
            ...(null === $item->winding ? [] : [self::winding($item)]),
            ...array_map(static fn (PlaceRule $rule): Rule => self::rule($rule, "part/{$item->key}", $item->name, $sheet), $item->rules),
        ];
    }

    public static function ofSheet(PlaceRule $rule, KitSheet $sheet): Rule
    {
        return self::rule($rule, "rule/{$rule->key}", 'Rules of places', $sheet);
    }

    /** @return array{string, array<string, Length|Sentence|string>} */
    private static function place(Item $item, KitSheet $sheet): array
    {
        $placing = $item->placing;
        $isAcross = Side::Across === $item->side && AccessoryFunction::Joint === $sheet->application->function;
        [$near, $far] = $isAcross ? ['end A', 'end B'] : ['the conductor', 'the cable'];
        $on = match (true) {
            $isAcross => '',
            Side::EachEnd === $item->side => 'One on each end. ',
            AccessoryFunction::Joint !== $sheet->application->function => '',
            default => 'On end '.(Side::EndB === $item->side ? 'B' : 'A').'. ',
        };
        [$from, $inFrom] = self::formula($placing->from ?? $placing->fromCentre, 'f');
        [$to, $inTo] = self::formula($placing->to, 't');

        return [match (true) {
            null !== $placing->fromCentre => "Its edge towards end A lies at $from.",
            null !== $placing->centredOn => $on.'Centred on the {on}.',
            null !== $placing->from && null !== $placing->to => "{$on}From $from to $to, from the cable end.",
            null !== $placing->from => "{$on}Its edge towards $near, from the cable end, lies at $from.",
            default => "{$on}Its edge towards $far, from the cable end, lies at $to.",
        }, [...$inFrom, ...$inTo, ...(null === $placing->centredOn ? [] : ['on' => self::target($placing->centredOn, $sheet)])]];
    }

    private static function winding(Item $item): Rule
    {
        [$to, $lengths] = self::formula($item->winding?->to, 'd');
        $passes = $item->winding->passes ?? 0;
        $wound = 'roll' === $item->winding?->manner->value ? 'Wound upon itself, ' : 'Wound along, ';

        return new Rule("part/{$item->key}/winding", $item->name, Sentence::of(
            $wound.('' === $to ? "$passes ".('roll' === $item->winding?->manner->value ? 'turns.' : 'passes.') : "in whole passes to $to."),
            $lengths,
        ));
    }

    private static function target(Place $of, KitSheet $sheet): Sentence|string
    {
        return match ($of->kind) {
            PlaceKind::Layer => Sentence::plain("[{$of->asLayer()?->label()}]"),
            PlaceKind::Connector => 'connector',
            PlaceKind::Item => lcfirst($sheet->nameOf($of->key)),
        };
    }

    /** @return array{string, array<string, Length|Sentence|string>} */
    private static function formula(?Formula $formula, string $prefix): array
    {
        return null === $formula ? ['', []] : FormulaInWords::of($formula, $prefix);
    }

    private static function rule(PlaceRule $rule, string $key, string $heading, KitSheet $sheet): Rule
    {
        [$least, $inLeast] = self::formula($rule->min, 'n');
        [$most, $inMost] = self::formula($rule->max, 'x');
        [$from, $inFrom] = self::formula($rule->from, 'f');
        [$to, $inTo] = self::formula($rule->to, 't');
        [$when, $inWhen] = self::formula($rule->when, 'w');
        $amount = match (true) {
            '' !== $least && '' !== $most => "$least to $most",
            '' !== $most => "at most $most",
            '' !== $least => "at least $least",
            default => 'something',
        };
        $items = implode(', ', array_map(static fn (string $item): string => lcfirst($sheet->nameOf($item)), $rule->items));
        $text = match ($rule->kind) {
            RuleKind::Laps => "Must cover $amount of the {of}, at each end.",
            RuleKind::Covers => '' === $least
                ? 'Must cover all of the {of}.'
                : "Must cover all of the {of}, and $amount more on both sides.",
            RuleKind::Butts => "Must meet the {of} within $most.",
            RuleKind::Gap => "Must leave $amount to the {of}.",
            RuleKind::EndsShortOf => "Must end $amount short of the end of the {of}.",
            RuleKind::CentredOn => "Must be centred on the {of} within $most.",
            RuleKind::ClearOf => "Must keep $amount clear of the {of}.",
            RuleKind::Distance => "From $from to $to: $amount.",
            RuleKind::NoBare => "Nothing stays bare from $from to $to: it lies beneath $items.",
            RuleKind::Passes => 'Must pass what lies on its way'.('' === $least ? '.' : " with $amount to spare."),
            RuleKind::Grips => 'Must be tight'.('' === $least ? '' : " by $amount").' wherever it lies.',
            RuleKind::Wall => "Must be $amount thick, ($items).",
            RuleKind::Build => "Must come to $amount.",
            RuleKind::Interference => "Must be stretched by $amount.",
            RuleKind::Reaches => "The $items must reach from $from to $to".('' === $least ? '' : ", $amount to spare").'.',
            RuleKind::SameOn => "From $from to $to must be alike within $most.",
        };
        $values = [...$inLeast, ...$inMost, ...$inFrom, ...$inTo, ...$inWhen];
        $of = null === $rule->of ? [] : ['of' => self::target($rule->of, $sheet)];

        return new Rule(
            "$key/{$rule->kind->value}/".($rule->of->key ?? ''), $heading,
            Sentence::of('' === $when ? $text : "When $when: ".lcfirst($text), [...$values, ...$of]), $rule->reason,
        );
    }
}
