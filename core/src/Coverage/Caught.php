<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Mistake;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\MarkOut\Cut;

/** What of a sheet shows a mistake while it can still be put right. */
final class Caught
{
    /** @return list<string> one sentence each: the gate, the rules, the checks; empty where nothing does */
    public static function of(Mistake $mistake, KitSheet $sheet): array
    {
        return [...self::gates($mistake, $sheet), ...self::rules($mistake, $sheet), ...self::checks($mistake, $sheet)];
    }

    /** @return list<Mistake> that can be made with this kit and that nothing on its sheet shows */
    public static function missing(KitSheet $sheet): array
    {
        return array_values(array_filter(
            Mistake::cases(), static fn (Mistake $one): bool => $one->isPossibleOn($sheet) && [] === self::of($one, $sheet),
        ));
    }

    /** @return list<string> what holds on every sheet by the way it is built */
    private static function gates(Mistake $mistake, KitSheet $sheet): array
    {
        $parked = array_filter($sheet->items, static fn (Item $item): bool => $item->isParked());

        return match ($mistake) {
            Mistake::NotParked => [] === $parked ? [] : ['gate: the connector is not fitted before all is parked'],
            Mistake::StripLong => isset($sheet->rules[Cut::Insulation->value]) ? ['window of the cut of the insulation'] : [],
            Mistake::SidesExchanged => [] === $parked ? [] : ['room on both ends, worked out for what is parked'],
            default => [],
        };
    }

    /** @return list<string> */
    private static function rules(Mistake $mistake, KitSheet $sheet): array
    {
        $found = [];
        foreach ($sheet->items as $item) {
            foreach ($item->rules as $rule) {
                if (\in_array($mistake, $rule->catches, true)) {
                    $found[] = 'rule: '.lcfirst($item->name).' '.$rule->kind->value.(null === $rule->of ? '' : ' '.$rule->of->key);
                }
            }
        }
        $ofSheet = array_filter($sheet->placeRules, static fn (PlaceRule $rule): bool => \in_array($mistake, $rule->catches, true));

        return [...$found, ...array_values(array_map(static fn (PlaceRule $rule): string => "rule: $rule->reason", $ofSheet))];
    }

    /** @return list<string> */
    private static function checks(Mistake $mistake, KitSheet $sheet): array
    {
        $found = [];
        foreach ($sheet->stages as $stage) {
            foreach ($stage->checks as $check) {
                if (\in_array($mistake, $check->catches, true)) {
                    $found[] = "{$check->question->kind()->value}: {$check->ask}";
                }
            }
        }

        return $found;
    }
}
