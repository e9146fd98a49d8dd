<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One rule about where a part lies: against a layer, the connector, or another part. */
final readonly class Coverage
{
    public function __construct(
        public CoverageRule $rule,
        /** What it must cover or meet. */
        public Place $of,
        public Range $window,
        public string $reason,
    ) {
    }

    public static function lap(Cut $layer, Length $least): self
    {
        return new self(CoverageRule::Laps, Place::layer($layer->layer()), Range::atLeast($least), '');
    }
}
