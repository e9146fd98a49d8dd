<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;

/** The insulation's thickness, read at several points round one section. */
final readonly class MeasuredWall
{
    private function __construct(
        public Length $least,
        public Length $greatest,
        public Length $mean,
        public Length $uncertainty,
        public int $count,
        /** (greatest - least) / greatest. Source: IEC 60502-2, clause on insulation thickness. */
        public float $eccentricity,
    ) {
    }

    /** @param non-empty-list<Reading> $readings */
    public static function of(array $readings): self
    {
        $values = array_map(static fn (Reading $reading): Length => $reading->value, $readings);
        [$least, $greatest] = [Length::smallest(...$values), Length::largest(...$values)];

        return new self(
            $least, $greatest, Length::sum(...$values)->dividedBy(\count($values), Rounding::Nearest),
            Length::largest(...array_map(
                static fn (Reading $reading): Length => $reading->uncertainty(), $readings,
            )), \count($values),
            ($greatest->nanometres - $least->nanometres) / max(1, $greatest->nanometres),
        );
    }
}
