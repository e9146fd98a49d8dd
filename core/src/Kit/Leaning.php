<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\PlaceKind;

/** What the place of each cut and each item is worked out from, by the names that formulas have. @internal use KitSheet::leansOn() */
final readonly class Leaning
{
    /**
     * @param array<string, list<string>> $on    by the formula name of a cut or the key of an item
     * @param array<string, ItemEdge>     $edges by the name that formulas have
     * @param array<string, Item>         $items by key
     */
    private function __construct(private array $on, private array $edges, private array $items)
    {
    }

    /**
     * @param array<string, StripRule> $rules by Cut value
     * @param array<string, Item>      $items by key
     *
     * @throws BadKitSheet where something lies from itself, by way of others
     */
    public static function of(array $rules, array $items): self
    {
        $edges = ItemEdge::allOf($items);
        $on = [];
        foreach ($rules as $rule) {
            $on[$rule->cut->formulaName()] = self::things($rule->names(), $edges);
        }
        foreach ($items as $item) {
            $on[$item->key] = self::ofItem($item, $edges);
        }
        $leaning = new self($on, $edges, $items);
        $leaning->ensureNoCircle();

        return $leaning;
    }

    /** Of all items, whether or not they are on this job. */
    public function itemOf(string $edge): ?Item
    {
        return $this->items[$this->edges[$edge]->item ?? ''] ?? null;
    }

    /** @return list<string> the keys of the items that a place is worked out from, by way of others too */
    public function itemsUnder(Formula $place): array
    {
        $under = [];
        $waiting = self::things($place->names(), $this->edges);
        while ([] !== $waiting) {
            $thing = array_pop($waiting);
            if (!isset($under[$thing])) {
                $under[$thing] = true;
                $waiting = [...$waiting, ...$this->on[$thing] ?? []];
            }
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($under)), static fn (string $thing): bool => null === Cut::ofFormulaName($thing),
        ));
    }

    /**
     * @param array<string, ItemEdge> $edges
     *
     * @return list<string>
     */
    private static function ofItem(Item $item, array $edges): array
    {
        $inside = array_merge([], ...array_map(static fn (Feature $one): array => [$one->from, $one->to], $item->features));
        $names = array_merge(
            [], ...array_map(static fn (Formula $one): array => $one->names(), [...$item->placing->formulas(), ...$inside]),
        );
        $centre = $item->placing->centredOn;
        $cut = $centre?->cut();

        return [
            ...self::things($names, $edges),
            ...(PlaceKind::Item === $centre?->kind ? [$centre->key] : []),
            ...(null === $cut ? [] : [$cut->formulaName()]),
        ];
    }

    /**
     * @param list<string>            $names
     * @param array<string, ItemEdge> $edges
     *
     * @return list<string>
     */
    private static function things(array $names, array $edges): array
    {
        $things = [];
        foreach ($names as $name) {
            $cut = Cut::ofFormulaName(str_starts_with($name, 'other_') ? substr($name, 6) : $name);
            $thing = $edges[$name]->item ?? $cut?->formulaName();
            $things = null === $thing ? $things : [...$things, $thing];
        }

        return array_values(array_unique($things));
    }

    private function ensureNoCircle(): void
    {
        $sound = [];
        foreach (array_keys($this->on) as $thing) {
            $sound = $this->walk($thing, [], $sound);
        }
    }

    /**
     * @param list<string>        $way   from where the walk began
     * @param array<string, true> $sound known to end somewhere
     *
     * @return array<string, true>
     */
    private function walk(string $thing, array $way, array $sound): array
    {
        if (isset($sound[$thing])) {
            return $sound;
        }
        $at = array_search($thing, $way, true);
        if (false !== $at) {
            throw BadKitSheet::inCircle([...\array_slice($way, $at), $thing]);
        }
        foreach ($this->on[$thing] ?? [] as $next) {
            $sound = $this->walk($next, [...$way, $thing], $sound);
        }

        return [...$sound, $thing => true];
    }
}
