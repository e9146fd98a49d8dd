<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;

/** How a connector is crimped. */
final readonly class Crimps
{
    private function __construct(
        public string $die,
        public int $perSide,
        /** How much longer each crimp makes it; null where the maker does not say. */
        public ?Toleranced $growth,
    ) {
    }

    /** @throws ImpossibleConnector */
    public static function of(string $die, int $perSide, ?Toleranced $growth): self
    {
        return null === $growth || $growth->most()->isLessThan(Length::ofMillimetres(10))
            ? new self($die, $perSide, $growth)
            : throw ImpossibleConnector::growth($growth->most());
    }

    /** All that one side grows. */
    public function totalGrowth(): ?Toleranced
    {
        return null === $this->growth ? null : Toleranced::of($this->growth->value->times($this->perSide), Tolerance::of(
            $this->growth->tolerance->below->times($this->perSide), $this->growth->tolerance->above->times($this->perSide),
        ));
    }
}
