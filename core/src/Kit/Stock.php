<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Toleranced;
use Berm\Core\Quantity\Torque;

/**
 * Something that the box holds: a tube, a body, a strip of mastic, a spring; what the leaflet says of it.
 *
 * @phpstan-type Value Toleranced|LengthChange|ConductorSize|Torque|float|bool|string
 */
final readonly class Stock
{
    /** @param array<string, Value> $properties by Property value; what the leaflet does not say is absent */
    private function __construct(
        public string $key,
        public string $name,
        public StockKind $kind,
        /** Pieces in the box; null: one for each place that the items have. */
        public ?int $count,
        private array $properties,
    ) {
    }

    /**
     * @param array<string, Value> $properties by Property value
     *
     * @throws BadKitSheet when it would grow instead of shrink, or lies in a row of unknown pitch
     */
    public static function of(string $key, string $name, StockKind $kind, ?int $count, array $properties): self
    {
        $stock = new self($key, $name, $kind, $count, $properties);
        $expanded = $stock->size(Property::ExpandedBore);
        $recovered = $stock->size(Property::RecoveredBore);
        if (null !== $expanded && null !== $recovered && !$recovered->value->isLessThan($expanded->value)) {
            throw BadKitSheet::boreGrows($expanded->value, $recovered->value);
        }
        if ($stock->inRow() > 1 && null === $stock->size(Property::Pitch)) {
            throw BadKitSheet::noPitch($stock->inRow());
        }

        return $stock;
    }

    /**
     * As one size of the kit has it.
     *
     * @param array<string, Value> $properties
     *
     * @throws BadKitSheet
     */
    public function inSize(?int $count, array $properties): self
    {
        return self::of($this->key, $this->name, $this->kind, $count ?? $this->count, [...$this->properties, ...$properties]);
    }

    /** @return Value|null */
    public function property(Property $property): Toleranced|LengthChange|ConductorSize|Torque|float|bool|string|null
    {
        return $this->properties[$property->value] ?? null;
    }

    /** @return array<string, Value> by Property value */
    public function properties(): array
    {
        return $this->properties;
    }

    public function size(Property $property): ?Toleranced
    {
        $value = $this->property($property);

        return $value instanceof Toleranced ? $value : null;
    }

    public function number(Property $property): ?float
    {
        $value = $this->property($property);

        return \is_float($value) ? $value : null;
    }

    /** As supplied: the room that one takes while it is parked. */
    public function length(): ?Length
    {
        return $this->size(Property::Length)?->value;
    }

    /** As it lies in the end, once it has shrunk along its length too. */
    public function installed(): ?Toleranced
    {
        $change = $this->property(Property::Change);
        $length = $this->length();

        return $this->size(Property::InstalledLength)
            ?? ($change instanceof LengthChange && null !== $length ? $change->of($length) : $this->size(Property::Length));
    }

    /** So many one after the other. */
    public function inRow(): int
    {
        return (int) ($this->number(Property::Row) ?? 1.0);
    }

    /** The room that all of them take, one after the other. */
    public function parkedLength(): Length
    {
        return ($this->length() ?? Length::ofNanometres(0))->times($this->inRow());
    }
}
