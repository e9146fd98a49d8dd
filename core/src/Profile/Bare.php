<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Place\Place;

/** What shows before anything is set: a layer of the cable, or the connector. @internal */
final readonly class Bare
{
    public function __construct(
        /** On the axis, nominally, in nanometres. */
        public int $from,
        public int $to,
        public Place $place,
        public Dim $diameter,
        /** Three cores lie together here, and what goes round them is what counts. */
        public bool $isOfCores,
    ) {
    }
}
