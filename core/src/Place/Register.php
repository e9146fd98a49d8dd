<?php

declare(strict_types=1);

namespace Berm\Core\Place;

/**
 * Values kept by their place on a job: the one spot where a place becomes a key.
 *
 * @template T
 */
final readonly class Register
{
    /** @param array<string, T> $values */
    private function __construct(private array $values)
    {
    }

    /** @return self<T> */
    public static function empty(): self
    {
        /** @var self<T> $empty */
        $empty = new self([]);

        return $empty;
    }

    /**
     * @param T $value takes the place of what was there
     *
     * @return self<T>
     */
    public function with(Keyed $place, mixed $value): self
    {
        $values = $this->values;
        $values[self::key($place)] = $value;

        return new self($values);
    }

    /** @return self<T> */
    public function without(Keyed $place): self
    {
        return new self(array_diff_key($this->values, [self::key($place) => true]));
    }

    public function isEmpty(): bool
    {
        return [] === $this->values;
    }

    /** @return T|null */
    public function at(Keyed $place): mixed
    {
        return $this->values[self::key($place)] ?? null;
    }

    /** @return list<T> in the order in which their places were first written to */
    public function all(): array
    {
        return array_values($this->values);
    }

    private static function key(Keyed $place): string
    {
        return json_encode($place->path(), \JSON_THROW_ON_ERROR);
    }
}
