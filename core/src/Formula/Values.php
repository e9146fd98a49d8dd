<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Quantity\Length;

/** The named quantities a formula is worked out with. */
final readonly class Values
{
    /** @param array<string, Length|float|string> $values */
    private function __construct(private array $values)
    {
    }

    /** @param array<string, Length|float|string|null> $values null stands for what is not known and is left out */
    public static function of(array $values): self
    {
        return new self(array_filter($values, static fn (Length|float|string|null $value): bool => null !== $value));
    }

    public function with(string $name, Length|float|string $value): self
    {
        return new self([...$this->values, $name => $value]);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @throws MissingValue */
    public function get(string $name): Length|float|string
    {
        return $this->values[$name] ?? throw MissingValue::named($name);
    }
}
