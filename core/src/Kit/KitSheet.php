<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\End;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Place\PlaceKind;
use Berm\Core\Revision;

/** A kit's leaflet as data: one numbered revision, checked as a whole when it is made. */
final readonly class KitSheet
{
    /**
     * @param non-empty-array<string, Takes>   $takes    by End value; end A alone where both ends are alike
     * @param non-empty-array<string, KitSize> $sizes    by label
     * @param array<string, StripRule>         $rules    by Cut value, in the order in which they can be worked out
     * @param array<string, Part>              $parts    by key, in the order in which they are installed
     * @param array<string, Content>           $contents by key
     * @param list<Stage>                      $stages   in the order of the work; empty where the leaflet leaves the order to the jointer
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
        public array $parts,
        public array $contents,
        public array $stages,
    ) {
    }

    /**
     * @param non-empty-array<string, Takes> $takes    by End value
     * @param list<KitSize>                  $sizes
     * @param list<StripRule>                $rules
     * @param list<Part>                     $parts    in the order in which they are installed
     * @param list<Content>                  $contents
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
        array $parts,
        array $contents,
        array $stages,
    ): self {
        $partsByKey = self::byKey($parts, BadKitSheet::partTwice(...));
        $contentsByKey = self::byKey($contents, BadKitSheet::contentTwice(...));
        self::ensureOnTheJob($parts, $application->function);
        self::ensureTargets($partsByKey);
        self::ensureCuts($rules, $takes);
        $sizesByLabel = self::sizesByLabel($sizes, array_keys($partsByKey), $hasOverlappingSizes);
        StageOrder::ensureSound($stages, $partsByKey, $contentsByKey, $rules);

        return new self(
            $revision,
            $name,
            $maker,
            $application,
            $takes,
            $shelf,
            $sizesByLabel,
            $hasOverlappingSizes,
            self::inOrderOfReckoning($rules),
            $partsByKey,
            $contentsByKey,
            $stages,
        );
    }

    public function takes(End $end): Takes
    {
        return $this->takes[$end->value] ?? $this->takes[array_key_first($this->takes)];
    }

    public function voltageOf(KitSize $size): RatedVoltage
    {
        return $size->voltage ?? $this->application->voltage;
    }

    /** @return list<Part> those to be parked before the connector, in the order in which they are installed */
    public function parkedParts(): array
    {
        return array_values(array_filter($this->parts, static fn (Part $part): bool => $part->isParked()));
    }

    /**
     * @return list<Part> what is slid on over the lug or the connector once it is fixed; empty where the sheet leaves the order to the
     *                    jointer
     */
    public function partsOverConnector(): array
    {
        $keys = [];
        $isFixed = false;
        foreach ($this->stages as $stage) {
            $keys = $isFixed ? [...$keys, ...$stage->installs] : $keys;
            $isFixed = $isFixed || $stage->fitsConnector;
        }

        return array_values(array_filter(
            $this->parts,
            static fn (Part $part): bool => \in_array($part->key, $keys, true) && !$part->isParked() && $part->kind->isSlidOn(),
        ));
    }

    /**
     * What a box of one size holds: a part that goes on each end, or on each core, is in it so often.
     *
     * @return list<BoxItem>
     */
    public function inBox(string $size): array
    {
        $cores = $this->takes[array_key_first($this->takes)]->cores->value;
        $ends = \count($this->application->function->ends());
        $ofPart = fn (Part $part): int => ($this->sizes[$size]->parts[$part->key]->count ?? 1)
            * ($part->isPerCore ? $cores : 1)
            * (Side::EachEnd === $part->side ? $ends : 1);

        return [
            ...array_map(
                static fn (Part $part): BoxItem => new BoxItem($part->key, $part->name, $ofPart($part)), array_values($this->parts),
            ),
            ...array_map(
                static fn (Content $content): BoxItem => new BoxItem($content->key, $content->name, $content->count),
                array_values($this->contents),
            ),
        ];
    }

    /**
     * @param list<string> $keys
     *
     * @return array<int, string> those that no box of it holds, by their place
     */
    public function notInBox(array $keys): array
    {
        return array_diff($keys, array_keys($this->parts), array_keys($this->contents));
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

    /** The sheet as it stands for one job: parts and stages whose condition does not hold are left out. */
    public function applyingTo(Values $values): self
    {
        $parts = array_filter($this->parts, static fn (Part $part): bool => $part->isIn($values));
        $stages = array_values(array_filter($this->stages, static fn (Stage $stage): bool => $stage->isIn($values)));

        return new self(
            $this->revision,
            $this->name,
            $this->maker,
            $this->application,
            $this->takes,
            $this->shelf,
            $this->sizes,
            $this->hasOverlappingSizes,
            $this->rules,
            $parts,
            $this->contents,
            $stages,
        );
    }

    /**
     * @template T of Part|Content
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

    /** @param list<Part> $parts */
    private static function ensureOnTheJob(array $parts, AccessoryFunction $function): void
    {
        foreach ($parts as $part) {
            if (AccessoryFunction::Joint !== $function && (\in_array(End::B, $part->parkOn, true) || Side::EndB === $part->side)) {
                throw BadKitSheet::offTheJob($part->key);
            }
        }
    }

    /**
     * What a rule speaks of is there, and no part is called like a layer or the connector.
     *
     * @param array<string, Part> $parts
     */
    private static function ensureTargets(array $parts): void
    {
        foreach ($parts as $part) {
            PlaceKind::Item === Place::named($part->key)->kind || throw BadKitSheet::partNamedLikeAPlace($part->key);
            foreach ($part->coverage as $coverage) {
                $isThere = PlaceKind::Item !== $coverage->of->kind || isset($parts[$coverage->of->key]);
                $isThere || throw BadKitSheet::noSuchPlace($part->key, $coverage->of->key, array_keys($parts));
                $coverage->of->key === $part->key && throw BadKitSheet::coversItself($part->key);
            }
        }
    }

    /**
     * Every cut that a cable it takes may need has its rule.
     *
     * @param list<StripRule>      $rules
     * @param array<string, Takes> $takes
     */
    private static function ensureCuts(array $rules, array $takes): void
    {
        $has = [];
        foreach ($rules as $rule) {
            isset($has[$rule->cut->value]) && throw BadKitSheet::cutTwice($rule->cut);
            $has[$rule->cut->value] = true;
        }
        foreach ($takes as $end) {
            foreach (self::cutsNeeded($end) as $cut) {
                isset($has[$cut->value]) || throw BadKitSheet::cutMissing($cut);
            }
        }
    }

    /** @return list<Cut> */
    private static function cutsNeeded(Takes $takes): array
    {
        $isArmoured = [Armour::None] !== $takes->armours;
        $hasLead = \in_array(MetallicScreen::LeadSheath, $takes->screens, true);

        return array_values(array_filter(Cut::cases(), static fn (Cut $cut): bool => match ($cut) {
            Cut::Oversheath, Cut::Insulation => true,
            Cut::Armour, Cut::Bedding => $isArmoured,
            Cut::LeadSheath => $hasLead,
            Cut::Belt => false,
            Cut::MetallicScreen => [MetallicScreen::LeadSheath] !== $takes->screens,
            Cut::InsulationScreen => $takes->hasExtruded(),
        }));
    }

    /**
     * @param list<KitSize> $sizes
     * @param list<string>  $parts
     *
     * @return non-empty-array<string, KitSize>
     */
    private static function sizesByLabel(array $sizes, array $parts, bool $mayOverlap): array
    {
        $byLabel = [];
        foreach ($sizes as $size) {
            isset($byLabel[$size->label]) && throw BadKitSheet::sizeTwice($size->label);
            foreach (array_keys($sizes[0]->dimensions) as $name) {
                isset($size->dimensions[$name]) || throw BadKitSheet::sizeLacks($size->label, \sprintf('the dimension "%s"', $name));
            }
            foreach ($parts as $key) {
                isset($size->parts[$key]) || throw BadKitSheet::sizeLacks($size->label, \sprintf('the part "%s"', $key));
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
