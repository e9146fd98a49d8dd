<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;

/** Several readings of one diameter, on two axes or more: their mean, and how sure it is. */
final readonly class MeasuredDiameter
{
    private function __construct(
        public Length $mean,
        /** Largest minus smallest: what an oval core shows. */
        public Length $ovality,
        public Length $uncertainty,
        public int $count,
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
        $values = array_map(static fn (Reading $reading): Length => $reading->value, $readings);
        $sum = array_reduce($values, static fn (Length $sum, Length $value): Length => $sum->plus($value), Length::ofNanometres(0));
        $ovality = Length::largest(...$values)->minus(Length::smallest(...$values));
        $instruments = array_map(static fn (Reading $reading): Length => $reading->instrument->uncertainty(), $readings);

        return new self(
            $sum->dividedBy(\count($values), Rounding::Nearest),
            $ovality,
            Length::largest($ovality->dividedBy(2, Rounding::Up), ...$instruments),
            \count($values),
        );
    }
}
