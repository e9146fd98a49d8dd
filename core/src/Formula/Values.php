<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;

/** The named quantities a formula is worked out with. */
final readonly class Values
{
    /**
     * @param array<string, Length|Locus|float|string> $values
     * @param (\Closure(string): ?Locus)|null          $places what a name stands for that is a place; null: it is none
     */
    private function __construct(private array $values, private ?\Closure $places = null)
    {
    }

    /** @param array<string, Length|Locus|float|string|null> $values null stands for what is not known and is left out */
    public static function of(array $values): self
    {
        return new self(array_filter($values, static fn (Length|Locus|float|string|null $value): bool => null !== $value));
    }

    public function with(string $name, Length|Locus|float|string $value): self
    {
        return new self([...$this->values, $name => $value], $this->places);
    }

    /** @param array<string, Length|Locus|float|string> $values */
    public function withAll(array $values): self
    {
        return [] === $values ? $this : new self([...$this->values, ...$values], $this->places);
    }

    /** @param \Closure(string): ?Locus $places works a place out when it is asked for */
    public function withPlaces(\Closure $places): self
    {
        return new self($this->values, $places);
    }

    public function has(string $name): bool
    {
        return null !== $this->value($name);
    }

    /**
     * Of a length that is not exact, its nominal.
     *
     * @throws MissingValue
     */
    public function get(string $name): Length|float|string
    {
        $value = $this->value($name) ?? throw MissingValue::named($name);

        return $value instanceof Locus ? $value->nominal : $value;
    }

    /**
     * The length with its causes.
     *
     * @throws MissingValue
     */
    public function locus(string $name): Locus
    {
        $value = $this->value($name) ?? throw MissingValue::named($name);

        return match (true) {
            $value instanceof Locus => $value,
            $value instanceof Length => Locus::exact($value),
            default => throw new \LogicException('the dimensions of a formula have been checked'),
        };
    }

    private function value(string $name): Length|Locus|float|string|null
    {
        return $this->values[$name] ?? (null === $this->places ? null : ($this->places)($name));
    }
}
