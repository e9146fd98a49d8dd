<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** How much is sawn off an end, and which of its cuts hold by that. */
final readonly class Sawing
{
    /**
     * @param list<Mark> $kept  cuts that were made and hold
     * @param list<Mark> $again cuts that are made again
     */
    public function __construct(
        public Length $amount,
        /** Between which limits that puts it right. */
        public Range $window,
        public array $kept,
        public array $again,
    ) {
    }
}
