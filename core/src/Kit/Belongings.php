<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Place\PlaceKind;

/** What the parts of a sheet speak of is in the sheet. @internal use KitSheet::of() */
final class Belongings
{
    /** @param list<Item> $items */
    public static function ensureOnTheJob(array $items, AccessoryFunction $function): void
    {
        foreach ($items as $item) {
            if (AccessoryFunction::Joint !== $function && (\in_array(End::B, $item->parkOn, true) || Side::EndB === $item->side)) {
                throw BadKitSheet::offTheJob($item->key);
            }
        }
    }

    /**
     * What a rule speaks of is there, and no item is called like a layer or the connector.
     *
     * @param array<string, Item> $items
     */
    public static function ensureTargets(array $items): void
    {
        foreach ($items as $item) {
            PlaceKind::Item === Place::named($item->key)->kind || throw BadKitSheet::itemNamedLikeAPlace($item->key);
            foreach ($item->rules as $rule) {
                if (null === $rule->of) {
                    continue;
                }
                $isThere = PlaceKind::Item !== $rule->of->kind || isset($items[$rule->of->key]);
                $isThere || throw BadKitSheet::noSuchPlace($item->key, $rule->of->key, array_keys($items));
                $rule->of->key === $item->key && throw BadKitSheet::coversItself($item->key);
            }
        }
    }

    /**
     * @param list<PlaceRule>     $rules
     * @param list<Excepted>      $excepted
     * @param array<string, Item> $items
     */
    public static function ensureRulesOfSomething(array $rules, array $excepted, array $items): void
    {
        foreach ($rules as $rule) {
            foreach ([...$rule->items, ...(PlaceKind::Item === $rule->of?->kind ? [$rule->of->key] : [])] as $key) {
                isset($items[$key]) || throw BadKitSheet::ruleOfNothing($rule->key, $key, array_keys($items));
            }
        }
        $known = [...array_keys($items), ...array_map(static fn (PlaceRule $rule): string => $rule->key, $rules), ...Always::keys()];
        foreach ($excepted as $one) {
            \in_array($one->key, $known, true) || throw BadKitSheet::exceptsNothing($one->key, Always::keys());
        }
    }

    /**
     * @param array<string, Item>  $items
     * @param array<string, Stock> $stock
     */
    public static function ensureStock(array $items, array $stock): void
    {
        foreach ($items as $item) {
            '' === $item->stock || isset($stock[$item->stock])
                || throw BadKitSheet::madeOfNothing($item->key, $item->stock, array_keys($stock));
            '' === $item->partOf || isset($items[$item->partOf]) || throw BadKitSheet::partOfNothing($item->key, $item->partOf);
        }
    }

    /**
     * Every cut that a cable it takes may need has its rule.
     *
     * @param list<StripRule>      $rules
     * @param array<string, Takes> $takes
     */
    public static function ensureCuts(array $rules, array $takes): void
    {
        $has = [];
        foreach ($rules as $rule) {
            isset($has[$rule->cut->value]) && throw BadKitSheet::cutTwice($rule->cut);
            $has[$rule->cut->value] = true;
        }
        foreach ($takes as $end) {
            foreach (Cut::cases() as $cut) {
                !$end->needs($cut) || isset($has[$cut->value]) || throw BadKitSheet::cutMissing($cut);
            }
        }
    }
}
