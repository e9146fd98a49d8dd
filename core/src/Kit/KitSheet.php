<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Revision;

/** A kit's leaflet as data: one numbered revision, checked as a whole when it is made. */
final readonly class KitSheet
{
    /** @var array<string, ItemEdge> by the name that formulas have */
    private array $edges;

    public Sequence $sequence;

    /**
     * @param non-empty-array<string, Takes>   $takes      by End value; end A alone where both ends are alike
     * @param non-empty-array<string, KitSize> $sizes      by label
     * @param array<string, StripRule>         $rules      by Cut value, in the order in which they can be worked out
     * @param array<string, Item>              $items      by key, in the order in which they are installed
     * @param array<string, Stock>             $stock      by key
     * @param array<string, PlaceRule>         $placeRules the sheet's own, by key
     * @param array<string, Asked>             $asked      by key
     * @param list<Excepted>                   $excepted
     * @param list<Stage>                      $stages     in the order of the work; empty where the leaflet leaves the order to the jointer
     */
    private function __construct(
        public Revision $revision,
        public string $name,
        public string $maker,
        public Application $application,
        public array $takes,
        public Shelf $shelf,
        public array $sizes,
        /** The leaflet itself lets two sizes take one cable. */
        public bool $hasOverlappingSizes,
        public array $rules,
        public array $items,
        public array $stock,
        public array $placeRules,
        public array $asked,
        public array $excepted,
        public array $stages,
        /** As which it was written: a sheet of the first says less, and what it forgets is not held against the job. */
        public int $edition,
        private Leaning $leaning,
        /** Its edition or date, as it stands on the leaflet that this was written from; empty where nobody said. */
        public string $leaflet,
    ) {
        $this->edges = ItemEdge::allOf($items);
        $this->sequence = Sequence::of($items, $stages);
    }

    /**
     * @param non-empty-array<string, Takes> $takes      by End value
     * @param list<KitSize>                  $sizes
     * @param list<StripRule>                $rules
     * @param list<Item>                     $items      in the order in which they are installed
     * @param list<Stock>                    $stock
     * @param list<PlaceRule>                $placeRules
     * @param list<Asked>                    $asked
     * @param list<Excepted>                 $excepted
     * @param list<Stage>                    $stages
     *
     * @throws BadKitSheet
     */
    public static function of(
        Revision $revision,
        string $name,
        string $maker,
        Application $application,
        array $takes,
        Shelf $shelf,
        array $sizes,
        bool $hasOverlappingSizes,
        array $rules,
        array $items,
        array $stock,
        array $placeRules,
        array $asked,
        array $excepted,
        array $stages,
        int $edition = 2,
        string $leaflet = '',
    ): self {
        $itemsByKey = self::byKey($items, BadKitSheet::itemTwice(...));
        $stockByKey = self::byKey($stock, BadKitSheet::stockTwice(...));
        Belongings::ensureOnTheJob($items, $application->function);
        Belongings::ensureTargets($itemsByKey);
        Belongings::ensureRulesOfSomething($placeRules, $excepted, $itemsByKey);
        Belongings::ensureStock($itemsByKey, $stockByKey);
        Belongings::ensureCuts($rules, $takes);
        $sizesByLabel = self::sizesByLabel($sizes, $itemsByKey, $hasOverlappingSizes);
        $rulesInOrder = self::inOrderOfReckoning($rules);
        StageOrder::ensureSound($stages, $itemsByKey, $stockByKey, $rules, $takes);

        return new self(
            $revision,
            $name,
            $maker,
            $application,
            $takes,
            $shelf,
            $sizesByLabel,
            $hasOverlappingSizes,
            $rulesInOrder,
            $itemsByKey,
            $stockByKey,
            self::byKey($placeRules, BadKitSheet::ruleTwice(...)),
            self::byKey($asked, BadKitSheet::askedTwice(...)),
            $excepted,
            $stages,
            $edition,
            Leaning::of($rulesInOrder, $itemsByKey),
            $leaflet,
        );
    }

    /** With one of its sizes otherwise. */
    public function withSize(KitSize $size): self
    {
        return $this->with([...$this->sizes, $size->label => $size], $this->items, $this->stages);
    }

    /**
     * @param non-empty-array<string, KitSize> $sizes
     * @param array<string, Item>              $items
     * @param list<Stage>                      $stages
     */
    private function with(array $sizes, array $items, array $stages): self
    {
        return new self(
            $this->revision, $this->name, $this->maker, $this->application, $this->takes, $this->shelf, $sizes,
            $this->hasOverlappingSizes, $this->rules, $items, $this->stock, $this->placeRules, $this->asked, $this->excepted, $stages,
            $this->edition, $this->leaning, $this->leaflet,
        );
    }

    /** @return array<string, ItemEdge> by the name that formulas have */
    public function edges(): array
    {
        return $this->edges;
    }

    /** @return list<string> keys of the items that a rule speaks of: one of an item's own, or one of the sheet's by its key */
    public function spokenOf(string $key): array
    {
        $rule = $this->placeRules[$key] ?? null;
        if (null === $rule) {
            return isset($this->items[$key]) ? [$key] : [];
        }
        $places = array_filter([$rule->from, $rule->to], static fn (?Formula $place): bool => null !== $place);

        return array_values(array_unique(array_merge($rule->items, ...array_map($this->leaning->itemsUnder(...), array_values($places)))));
    }

    /** The item that has this edge, where it is left out on this job. */
    public function leftOut(string $edge): ?Item
    {
        $item = $this->leaning->itemOf($edge);

        return null === $item || isset($this->items[$item->key]) ? null : $item;
    }

    /** Whether a place is worked out from things that go on before an item, so that the item can be found by it. */
    public function isBefore(Formula $place, Item $item): bool
    {
        $order = array_flip(array_keys($this->items));
        $isLater = static fn (string $key): bool => ($order[$key] ?? \PHP_INT_MAX) >= ($order[$item->key] ?? 0);

        return [] === array_filter($this->leaning->itemsUnder($place), $isLater);
    }

    /** A mark is laid from the edge of a layer that each core has for itself. */
    public function laysMarksFromCores(): bool
    {
        foreach ($this->rules as $rule) {
            foreach ($rule->cases as $case) {
                if (true === $case->laidFrom?->cut()?->isOfCore()) {
                    return true;
                }
            }
        }

        return false;
    }

    /** At a check it lies where it was brought, and is set later. */
    public function isOnlyPlaced(CheckPlace $check, Item $item): bool
    {
        $isAfter = false;
        foreach ($this->stages as $stage) {
            foreach ($stage->steps as $step) {
                if (StepKind::Set === $step->kind && $step->key === $item->key) {
                    return $isAfter;
                }
                $isAfter = $isAfter || $stage->key === $check->stage && $step->check?->key === $check->check;
            }
        }

        return false;
    }

    public function takes(End $end): Takes
    {
        return $this->takes[$end->value] ?? $this->takes[array_key_first($this->takes)];
    }

    public function voltageOf(KitSize $size): RatedVoltage
    {
        return $size->voltage ?? $this->application->voltage;
    }

    /** @return list<Item> those to be parked before the connector, in the order in which they are installed */
    public function parkedItems(): array
    {
        return array_values(array_filter($this->items, static fn (Item $item): bool => $item->isParked()));
    }

    /**
     * @return list<Item> what is slid on over the lug or the connector once it is fixed; empty where the sheet leaves the order to the
     *                    jointer
     */
    public function itemsOverConnector(): array
    {
        $keys = [];
        $isFixed = false;
        foreach ($this->stages as $stage) {
            $keys = $isFixed ? [...$keys, ...$stage->installs] : $keys;
            $isFixed = $isFixed || $stage->fitsConnector;
        }

        return array_values(array_filter(
            $this->items,
            static fn (Item $item): bool => \in_array($item->key, $keys, true) && !$item->isParked() && $item->nature->isSlidOn(),
        ));
    }

    /**
     * What a box of one size holds: a part that goes on each end, or on each core, is in it so often.
     *
     * @return list<BoxItem>
     */
    public function inBox(string $size): array
    {
        return array_map(
            fn (Stock $stock): BoxItem => new BoxItem($stock->key, $stock->name, $stock->count ?? $this->places($stock)),
            array_values($this->sizes[$size]->stock),
        );
    }

    /** How many pieces of it the items take, where each takes one. */
    public function places(Stock $stock): int
    {
        $cores = $this->takes[array_key_first($this->takes)]->cores->value;
        $ends = \count($this->application->function->ends());
        $ofItem = static fn (Item $item): int => $stock->inRow() * ($item->isPerCore ? $cores : 1)
            * (Side::EachEnd === $item->side ? $ends : 1);

        return array_sum(
            array_map($ofItem, array_values(array_filter($this->items, static fn (Item $item): bool => $item->stock === $stock->key))),
        );
    }

    /**
     * @param list<string> $keys
     *
     * @return array<int, string> those that no box of it holds, by their place
     */
    public function notInBox(array $keys): array
    {
        return array_diff($keys, array_keys($this->stock), array_keys($this->items));
    }

    /** The sheet makes one cut in an earlier stage than another: armour under a sheath that still guards it. */
    public function cutsBefore(Cut $cut, Cut $other, End $end): bool
    {
        foreach ($this->stages as $stage) {
            if ($stage->makes($cut, $end)) {
                return !$stage->makes($other, $end);
            }
            if ($stage->makes($other, $end)) {
                return false;
            }
        }

        return false;
    }

    /** The sheet leaves a cut for after the connector. */
    public function cutsAfterConnector(Cut $cut, End $end): bool
    {
        $isFixed = false;
        foreach ($this->stages as $stage) {
            if ($stage->makes($cut, $end)) {
                return $isFixed;
            }
            $isFixed = $isFixed || $stage->fitsConnector;
        }

        return false;
    }

    public function stage(string $key): ?Stage
    {
        foreach ($this->stages as $stage) {
            if ($stage->key === $key) {
                return $stage;
            }
        }

        return null;
    }

    /**
     * What it asks of a job, as formulas take it: what was said, else what it takes while nobody has said.
     *
     * @param array<string, string|Length> $said
     *
     * @return array<string, string|Length>
     */
    public function said(array $said): array
    {
        $values = array_map(static fn (Asked $asked): string|Length|null => $asked->value($said[$asked->key] ?? null), $this->asked);

        return array_filter($values, static fn (string|Length|null $value): bool => null !== $value);
    }

    /** One of the first edition cannot: it is not held against what it leaves out. */
    public function saysAll(): bool
    {
        return $this->edition > 1;
    }

    /** A sheet of the first edition cannot say enough to be proved: it goes out as it always did. */
    public function mustBeProved(): bool
    {
        return $this->saysAll();
    }

    /** A job may not go against the rule: what a sheet of the first edition forgets is not held against it. */
    public function binds(PlaceRule $rule): bool
    {
        return (!$rule->isOfEverySheet || $this->saysAll()) && null === $this->exception($rule->key, $rule->kind);
    }

    /** Why a rule need not hold; null where it must. */
    public function exception(string $key, RuleKind $kind): ?Excepted
    {
        foreach ($this->excepted as $excepted) {
            if ($excepted->covers($key, $kind)) {
                return $excepted;
            }
        }

        return null;
    }

    /** @return list<string> every name that any of its formulas uses */
    public function names(): array
    {
        $formulas = array_merge(
            ...array_values(array_map(static fn (Item $item): array => $item->formulas(), $this->items)),
            ...array_values(array_map(static fn (PlaceRule $rule): array => $rule->formulas(), $this->placeRules)),
            ...array_map(static fn (Stage $stage): array => $stage->formulas(), $this->stages),
        );

        return array_values(array_unique(array_merge(
            ...array_values(array_map(static fn (StripRule $rule): array => $rule->names(), $this->rules)),
            ...array_map(static fn (Formula $formula): array => $formula->names(), $formulas),
        )));
    }

    /** What an item or a piece of stock is called; the key itself where there is none. */
    public function nameOf(string $key): string
    {
        return $this->items[$key]->name ?? $this->stock[$key]->name ?? $key;
    }

    /**
     * The sheet as it stands for one job: an item whose condition holds at one end alone lies there alone; what goes across, and a stage,
     * is left out where its condition holds at neither end.
     */
    public function applyingTo(Values $endA, ?Values $endB = null): self
    {
        $items = [];
        foreach ($this->items as $key => $item) {
            $one = $item->applyingTo($endA, $endB ?? $endA);
            $items = null === $one ? $items : [...$items, $key => $one];
        }
        $stages = array_values(array_filter(
            $this->stages, static fn (Stage $stage): bool => $stage->isIn($endA) || null !== $endB && $stage->isIn($endB),
        ));

        return $this->with($this->sizes, $items, $stages);
    }

    /** @param list<Stage> $stages */
    public function withStages(array $stages): self
    {
        return $this->with($this->sizes, $this->items, $stages);
    }

    /**
     * @template T of Item|Stock|PlaceRule|Asked
     *
     * @param list<T>                       $things
     * @param callable(string): BadKitSheet $twice
     *
     * @return array<string, T>
     */
    private static function byKey(array $things, callable $twice): array
    {
        $byKey = [];
        foreach ($things as $thing) {
            isset($byKey[$thing->key]) && throw $twice($thing->key);
            $byKey[$thing->key] = $thing;
        }

        return $byKey;
    }

    /**
     * @param list<KitSize>       $sizes
     * @param array<string, Item> $items
     *
     * @return non-empty-array<string, KitSize>
     */
    private static function sizesByLabel(array $sizes, array $items, bool $mayOverlap): array
    {
        $byLabel = [];
        foreach ($sizes as $size) {
            isset($byLabel[$size->label]) && throw BadKitSheet::sizeTwice($size->label);
            foreach (array_keys($sizes[0]->dimensions) as $name) {
                isset($size->dimensions[$name]) || throw BadKitSheet::sizeLacks($size->label, \sprintf('the dimension "%s"', $name));
            }
            foreach ($items as $item) {
                $isLong = !$item->placing->needsLength() || null !== $size->stockOf($item)?->length();
                $isLong || throw BadKitSheet::sizeLacks($size->label, \sprintf('the length of "%s"', $item->key));
            }
            foreach ($mayOverlap ? [] : $byLabel as $other) {
                $size->overlaps($other) && throw BadKitSheet::sizesOverlap($other->label, $size->label);
            }
            $byLabel[$size->label] = $size;
        }

        return [] === $byLabel ? throw BadKitSheet::noSizes() : $byLabel;
    }

    /**
     * A cut may be given from another cut: each comes after those it rests on.
     *
     * @param list<StripRule> $rules
     *
     * @return array<string, StripRule>
     */
    private static function inOrderOfReckoning(array $rules): array
    {
        $waiting = [];
        foreach ($rules as $rule) {
            $waiting[$rule->cut->value] = $rule;
        }
        $ordered = [];
        while ([] !== $waiting) {
            $open = array_map(static fn (StripRule $rule): string => $rule->cut->formulaName(), array_values($waiting));
            $ready = array_filter($waiting, static fn (StripRule $rule): bool => [] === array_intersect($rule->names(), $open));
            if ([] === $ready) {
                throw BadKitSheet::circle($waiting[array_key_first($waiting)]->cut);
            }
            $ordered = [...$ordered, ...$ready];
            $waiting = array_diff_key($waiting, $ready);
        }

        return $ordered;
    }
}
