<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One rule about where a part lies: against a layer, the connector, or another part. */
final readonly class Coverage
{
    public const CONNECTOR = 'connector';

    public function __construct(
        public CoverageRule $rule,
        /** A Cut value for the layer that shows there, "connector", or the key of a part. */
        public string $of,
        public Range $window,
        public string $reason,
    ) {
    }

    public static function lap(string $layer, Length $least): self
    {
        return new self(CoverageRule::Laps, $layer, Range::atLeast($least), '');
    }
}
