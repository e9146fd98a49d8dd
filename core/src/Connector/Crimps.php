<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Quantity\Length;

/** How a connector is crimped. */
final readonly class Crimps
{
    private function __construct(
        public string $die,
        public int $perSide,
        /** How much longer each crimp makes it; null where the maker does not say. */ public ?Length $growth,
    ) {
    }

    /** @throws ImpossibleConnector */
    public static function of(string $die, int $perSide, ?Length $growth): self
    {
        return null === $growth || $growth->isLessThan(Length::ofMillimetres(10))
            ? new self($die, $perSide, $growth)
            : throw ImpossibleConnector::growth($growth);
    }

    /** All that one side grows. */
    public function totalGrowth(): ?Length
    {
        return $this->growth?->times($this->perSide);
    }
}
