<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Length;

/** Something that lies on the cable: where it ends up, what it must cover, what it is made of, and where it waits until then. */
final readonly class Item
{
    /**
     * @param list<End>       $parkOn   ends it may be parked on before the connector, the preferred one first; empty when it goes on later
     * @param list<Feature>   $features
     * @param list<PlaceRule> $rules
     */
    public function __construct(
        public string $key,
        public string $name,
        public Nature $nature,
        public ElectricalClass $class,
        /** Key of the stock that it is made of; empty where it takes nothing from the box. */
        public string $stock,
        public Side $side,
        /** One on each core of a cable with three; else round the whole cable. */
        public bool $isPerCore,
        /** Null: always. */
        public ?Formula $when,
        public Placing $placing,
        /** How well a hand sets it. */
        public Length $hand,
        public ?Winding $winding,
        /** What it adds on each side, of what is laid or folded; its whole diameter, of what is moulded. Null: nothing that counts. */
        public ?Formula $size,
        /** The layer of the cable that it is, of a moved one; or whose edge its own edge is, where it stands for one. */
        public ?LayerKind $layer,
        public array $parkOn,
        /** Parked one over the other, so that only the longest of them takes room. */
        public bool $isNested,
        /** Key of the item that it rides with; empty: none. */
        public string $partOf,
        public array $features,
        public array $rules,
        /** Why it lies there; empty where the leaflet does not say. */
        public string $reason,
    ) {
    }

    /** Of a mastic or tape that takes off the field where the insulation screen ends. */
    public function fillsStep(): bool
    {
        return Nature::Wrap === $this->nature && ElectricalClass::Grading === $this->class && [] !== array_filter(
            $this->rules,
            static fn (PlaceRule $rule): bool => RuleKind::Laps === $rule->kind && LayerKind::InsulationScreen === $rule->of?->asLayer(),
        );
    }

    /** It is set by a flame or hot air. */
    public function isShrunkIn(Technology $technology): bool
    {
        return Nature::Tube === $this->nature || Nature::Moulded === $this->nature && Technology::HeatShrink === $technology;
    }

    public function isParked(): bool
    {
        return [] !== $this->parkOn;
    }

    /** Its edge is that of a layer that the cable does not have. */
    public function standsForLayer(): bool
    {
        return null !== $this->layer && Nature::Layer !== $this->nature;
    }

    /** On the ends where its condition holds; what goes across where it holds at either; null: nowhere. */
    public function applyingTo(Values $endA, Values $endB): ?self
    {
        [$isOnA, $isOnB] = [$this->isIn($endA), $this->isIn($endB)];
        $side = match (true) {
            Side::EndA === $this->side => $isOnA ? $this->side : null,
            Side::EndB === $this->side => $isOnB ? $this->side : null,
            $isOnA && $isOnB => $this->side,
            !$isOnA && !$isOnB => null,
            Side::Across === $this->side => $this->side,
            default => $isOnA ? Side::EndA : Side::EndB,
        };

        return $side === $this->side ? $this : (null === $side ? null : $this->onSide($side));
    }

    private function onSide(Side $side): self
    {
        return new self(
            $this->key, $this->name, $this->nature, $this->class, $this->stock, $side, $this->isPerCore, $this->when, $this->placing,
            $this->hand, $this->winding, $this->size, $this->layer, $this->parkOn, $this->isNested, $this->partOf, $this->features,
            $this->rules, $this->reason,
        );
    }

    /** False only when its condition is known not to hold. */
    private function isIn(Values $values): bool
    {
        return null === $this->when || !$this->when->isKnown($values) || $this->when->holds($values);
    }

    /** @return list<Formula> */
    public function formulas(): array
    {
        return [
            ...array_values(
                array_filter([$this->when, $this->size, $this->winding?->to], static fn (?Formula $formula): bool => null !== $formula),
            ),
            ...$this->placing->formulas(),
            ...array_merge([], ...array_map(static fn (Feature $feature): array => [$feature->from, $feature->to], $this->features)),
            ...array_merge([], ...array_map(static fn (PlaceRule $rule): array => $rule->formulas(), $this->rules)),
        ];
    }

    /** As formulas have it: keys may have hyphens, names may not. */
    public function formulaName(): string
    {
        return str_replace('-', '_', $this->key);
    }
}
