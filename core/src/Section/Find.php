<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measure;
use Berm\Core\Quantity\Reading;

/** A length that was measured between two places: things lie where they were found. @internal */
final readonly class Find
{
    public function __construct(
        public CheckPlace $place,
        public Measure $measure,
        public Reading $reading,
        /** Measured once the connector was fixed. */
        public bool $isFixed,
    ) {
    }

    public function isOnCore(int $core): bool
    {
        return null === $this->place->where->core || $this->place->where->core === $core;
    }
}
