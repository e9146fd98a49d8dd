<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Search;

/** One thing that is asked of a cable type: one of these values. */
final readonly class Wanted
{
    /** @param non-empty-list<string> $values as they stand in a cable type's open file */
    private function __construct(public Facet $facet, public array $values)
    {
    }

    public static function of(Facet $facet, string|int|\BackedEnum $value, \BackedEnum ...$more): self
    {
        $text = static fn (string|int|\BackedEnum $one): string => (string) ($one instanceof \BackedEnum ? $one->value : $one);

        return new self($facet, [$text($value), ...array_values(array_map($text, $more))]);
    }
}
