<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Stores\Gtin;

/** One size of a kit: what it fits, and the dimensions its rules use. */
final readonly class KitSize
{
    /**
     * @param non-empty-array<string, SizeTakes> $takes      by End value; end A alone where both ends are alike
     * @param array<string, Length>              $dimensions named lengths for the sheet's formulas
     * @param array<string, Stock>               $stock      by key, each as this size has it
     * @param list<Doubt>                        $doubts     where its leaflet contradicts itself
     */
    public function __construct(
        public string $label,
        /** Null: that of the sheet. */
        public ?RatedVoltage $voltage,
        /** What its box is labelled with; null where the leaflet does not say. */
        public ?Gtin $gtin,
        public array $takes,
        public Range $connectorDiameter,
        public Range $connectorLength,
        public array $dimensions,
        public array $stock,
        public array $doubts = [],
    ) {
    }

    /** With the other number of a leaflet that contradicts itself. */
    public function withTheOther(Doubt $doubt): self
    {
        return new self(
            $this->label, $this->voltage, $this->gtin, $this->takes, $this->connectorDiameter, $this->connectorLength,
            [...$this->dimensions, $doubt->dimension => $doubt->other], $this->stock,
        );
    }

    /** Takes exactly what another takes: the ranges of one of them are those of the other, forgotten. */
    public function takesAllThat(self $other): bool
    {
        $taken = static fn (self $size): string => serialize(
            [$size->voltage?->highestVolts, $size->takes, $size->connectorDiameter, $size->connectorLength],
        );

        return $taken($this) === $taken($other);
    }

    public function takes(End $end): SizeTakes
    {
        return $this->takes[$end->value] ?? $this->takes[array_key_first($this->takes)];
    }

    /** What an item is made of, as this size has it; null where it takes nothing from the box. */
    public function stockOf(Item $item): ?Stock
    {
        return $this->stock[$item->stock] ?? null;
    }

    /** The room that an item takes while it waits. */
    public function parkedLength(Item $item): Length
    {
        return $this->stockOf($item)?->parkedLength() ?? Length::ofNanometres(0);
    }

    /** As supplied: what it must pass over is no wider; null where its sheet does not say. */
    public function expandedBore(Item $item): ?Length
    {
        return $this->stockOf($item)?->size(Property::ExpandedBore)?->value;
    }

    /** With nothing inside: what it must grip is no thinner. */
    public function recoveredBore(Item $item): ?Length
    {
        return $this->stockOf($item)?->size(Property::RecoveredBore)?->value;
    }

    /** Some cable and connector of one voltage would be taken by both. */
    public function overlaps(self $other): bool
    {
        return $this->voltage?->highestVolts === $other->voltage?->highestVolts
            && $this->takes(End::A)->meets($other->takes(End::A))
            && $this->takes(End::B)->meets($other->takes(End::B))
            && $this->connectorDiameter->overlaps($other->connectorDiameter)
            && $this->connectorLength->overlaps($other->connectorLength);
    }
}
