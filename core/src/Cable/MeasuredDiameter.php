<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;

/** Several readings of one diameter, on two axes and at more places: their mean, and how sure it is. */
final readonly class MeasuredDiameter
{
    private function __construct(
        public Length $mean,
        /** Largest minus smallest round one place: what an oval core shows. Readings that say no place count as one place. */
        public Length $ovality,
        /** Largest minus smallest of the places' means: what a tapering or dented stretch shows. */
        public Length $taper,
        public Length $uncertainty,
        public int $count,
        public int $places,
    ) {
    }

    /**
     * The uncertainty is the coarsest instrument's, or half the spread of the readings where that is larger (common practice:
     * a mean is not known better than the body is round).
     *
     * @param non-empty-list<Reading> $readings
     */
    public static function of(array $readings): self
    {
        $byPlace = [];
        foreach ($readings as $reading) {
            $byPlace[$reading->spot->place ?? 0][] = $reading->value;
        }
        $means = array_map(self::mean(...), array_values($byPlace));
        $spreads = array_map(self::spread(...), array_values($byPlace));
        $values = array_map(static fn (Reading $reading): Length => $reading->value, $readings);
        $instruments = array_map(static fn (Reading $reading): Length => $reading->uncertainty(), $readings);

        return new self(
            self::mean($values), Length::largest(...$spreads), self::spread($means),
            Length::largest(self::spread($values)->dividedBy(2, Rounding::Up), ...$instruments), \count($values), \count($byPlace),
        );
    }

    /** @param non-empty-list<Length> $values */
    private static function mean(array $values): Length
    {
        return Length::sum(...$values)->dividedBy(\count($values), Rounding::Nearest);
    }

    /** @param non-empty-list<Length> $values */
    private static function spread(array $values): Length
    {
        return Length::largest(...$values)->minus(Length::smallest(...$values));
    }
}
