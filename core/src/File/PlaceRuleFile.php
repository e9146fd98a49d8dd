<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Formula\Formula;
use Berm\Core\Kit\ElectricalClass;
use Berm\Core\Kit\Mistake;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Kit\Side;
use Berm\Core\Place\Place;

/** Rules about places, in a kit sheet's open file. @internal */
final class PlaceRuleFile
{
    /** The kinds that ask what the item must cover or meet. */
    private const NEED_OF = [
        RuleKind::Laps, RuleKind::Covers, RuleKind::Butts, RuleKind::Gap, RuleKind::EndsShortOf, RuleKind::CentredOn, RuleKind::ClearOf,
    ];

    public static function readOfItem(Fields $file, string $item, FormulaField $formulas): PlaceRule
    {
        $kind = $file->choice('rule', RuleKind::class);
        $of = $file->has('of') ? Place::named($file->text('of', 40)) : null;
        if (null === $of && \in_array($kind, self::NEED_OF, true)) {
            $file->problem('of', 'is missing: say what it must cover or meet, a layer, "connector" or an item.');
        }
        if (\in_array($kind, [RuleKind::Distance, RuleKind::NoBare, RuleKind::SameOn, RuleKind::Reaches], true)) {
            $file->problem('rule', 'is one of the sheet as a whole: write it under "placeRules", with its from and to.');
        }

        return PlaceRule::ofItem(
            $item, $kind, $of, $formulas->optionalLength($file, 'min'), self::max($file, $kind, $formulas),
            $file->optionalText('reason', 400),
            $file->optionalText('by', 40), $formulas->condition($file), $file->choices('catches', Mistake::class),
        );
    }

    public static function readOfSheet(Fields $file, FormulaField $formulas): PlaceRule
    {
        $kind = $file->choice('rule', RuleKind::class);
        $from = $formulas->optionalLength($file, 'from');
        $to = $formulas->optionalLength($file, 'to');
        if (\in_array($kind, [RuleKind::Distance, RuleKind::NoBare, RuleKind::SameOn, RuleKind::Reaches], true)) {
            foreach (array_keys(array_filter(['from' => null === $from, 'to' => null === $to])) as $missing) {
                $file->problem($missing, "is missing: say $missing which place.");
            }
        }

        if (RuleKind::Reaches === $kind && 1 !== \count($file->texts('items', 40))) {
            $file->problem('items', 'must name the one item that has to reach so far.');
        }

        return PlaceRule::ofSheet(
            $file->text('key', 40), $kind, $file->texts('items', 40), $file->has('of') ? Place::named($file->text('of', 40)) : null, $from,
            $to,
            $file->has('side') ? $file->choice('side', Side::class) : Side::EachEnd, $formulas->optionalLength($file, 'min'),
            self::max($file, $kind, $formulas), $file->choices('classes', ElectricalClass::class), $formulas->condition($file),
            $file->text('reason', 400), $file->choices('catches', Mistake::class),
        );
    }

    private static function max(Fields $file, RuleKind $kind, FormulaField $formulas): ?Formula
    {
        $max = $formulas->optionalLength($file, 'max');
        $min = $file->has('min') ? $formulas->optionalLength($file, 'min') : null;
        if (true === $min?->isConstant() && true === $max?->isConstant() && $max->constant()->isLessThan($min->constant())) {
            $file->problem('max', "is less than \"min\" ($max->text, and $min->text): give the smaller limit as \"min\".");
        }
        if (null === $max && $kind->isWithin()) {
            $file->problem('max', 'is missing: say within how much.');
        }

        return $max;
    }

    /** @return array<string, mixed> */
    public static function write(PlaceRule $rule): array
    {
        return [...array_filter([
            'rule' => $rule->kind->value, 'of' => $rule->of?->key, 'by' => '' === $rule->by ? null : $rule->by, 'min' => $rule->min?->text,
            'max' => $rule->max?->text, 'when' => $rule->when?->text, 'reason' => '' === $rule->reason ? null : $rule->reason,
        ], static fn (?string $value): bool => null !== $value), ...self::catches($rule->catches)];
    }

    /**
     * @param list<Mistake> $catches
     *
     * @return array<string, list<string>>
     */
    public static function catches(array $catches): array
    {
        return [] === $catches ? [] : ['catches' => array_map(static fn (Mistake $mistake): string => $mistake->value, $catches)];
    }

    /** @return array<string, mixed> */
    public static function writeOfSheet(PlaceRule $rule): array
    {
        return [
            'key' => $rule->key,
            'rule' => $rule->kind->value,
            ...([] === $rule->items ? [] : ['items' => $rule->items]),
            ...(null === $rule->of ? [] : ['of' => $rule->of->key]),
            ...array_filter(['from' => $rule->from?->text, 'to' => $rule->to?->text], static fn (?string $text): bool => null !== $text),
            ...(Side::EachEnd === $rule->side ? [] : ['side' => $rule->side->value]),
            ...array_filter(['min' => $rule->min?->text, 'max' => $rule->max?->text], static fn (?string $text): bool => null !== $text),
            ...([] === $rule->classes ? [] : [
                'classes' => array_map(static fn (ElectricalClass $class): string => $class->value, $rule->classes),
            ]),
            ...(null === $rule->when ? [] : ['when' => $rule->when->text]),
            'reason' => $rule->reason,
            ...self::catches($rule->catches),
        ];
    }
}
