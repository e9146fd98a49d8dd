<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Side;
use Berm\Core\Place\PlaceKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Where a part lies, where it waits, and what it must cover. @internal use SheetInWords::of() */
final class PartInWords
{
    /** @return list<Rule> */
    public static function of(Part $part, KitSheet $sheet): array
    {
        [$from, $lengths] = FormulaInWords::of($part->from, 'f');
        [$when, $inWhen] = null === $part->when ? ['', []] : FormulaInWords::of($part->when, 'w');
        $parked = implode(' or ', array_map(static fn (End $end): string => $end->value, $part->parkOn));
        $place = self::edge($part->side, $sheet->application->function)." lies at $from.";

        return [
            new Rule(
                "part/{$part->key}/place",
                $part->name,
                Sentence::of(
                    ('' === $when ? '' : "When $when: ").('' === $when ? $place : lcfirst($place)).($part->isPerCore ? ' One on each core.' : ''),
                    [...$lengths, ...$inWhen],
                ),
                $part->reason,
            ),
            new Rule(
                "part/{$part->key}/park",
                $part->name,
                Sentence::plain(
                    '' === $parked
                        ? 'Goes on later: nothing to park.'
                        : "Waits on end $parked before the connector".($part->isNested ? ', one over the other.' : '.'),
                ),
            ),
            ...array_map(static fn (Coverage $coverage): Rule => self::coverage($coverage, $part, $sheet), $part->coverage),
        ];
    }

    private static function edge(Side $side, AccessoryFunction $function): string
    {
        return match (true) {
            AccessoryFunction::Joint !== $function => 'Its nearer edge, from the cable end,',
            Side::Across === $side => 'Its edge towards end A',
            Side::EachEnd === $side => 'One on each end; its nearer edge, from the cable end,',
            default => 'On end '.(Side::EndA === $side ? 'A' : 'B').'; its nearer edge, from the cable end,',
        };
    }

    private static function coverage(Coverage $coverage, Part $part, KitSheet $sheet): Rule
    {
        $window = $coverage->window;
        $values = array_filter([
            'of' => match ($coverage->of->kind) {
                PlaceKind::Layer => Sentence::plain("[{$coverage->of->asLayer()?->label()}]"),
                PlaceKind::Connector => 'connector',
                PlaceKind::Item => lcfirst($sheet->parts[$coverage->of->key]->name ?? $coverage->of->key),
            },
            'amount' => Limits::of($window->min, $window->max),
            'most' => $window->max,
        ], static fn (Sentence|Length|string|null $value): bool => null !== $value);

        $key = "part/{$part->key}/{$coverage->rule->value}/{$coverage->of->key}";

        return new Rule($key, $part->name, Sentence::of(match ($coverage->rule) {
            CoverageRule::Laps => 'Must cover {amount} of the {of}, at each end.',
            CoverageRule::Covers => 'Must cover all of the {of}, and {amount} more on both sides.',
            CoverageRule::Butts => 'Must meet the {of} within {most}.',
            CoverageRule::Gap => 'Must leave {amount} to the {of}.',
            CoverageRule::EndsShortOf => 'Must end {amount} short of the end of the {of}.',
            CoverageRule::CentredOn => 'Must be centred on the {of} within {most}.',
        }, $values), $coverage->reason);
    }
}
