<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Quantity\Reading;

/** What the eye sees at a cable of unknown name; null stands for not looked, or cannot tell. */
final readonly class Seen
{
    public function __construct(
        public ?Cores $cores = null,
        /** Round or sector-shaped. */
        public ?bool $isSector = null,
        public ?ConductorMaterial $material = null,
        public ?bool $isStranded = null,
        public ?InsulationMaterial $insulation = null,
        public ?MetallicScreen $screen = null,
        /** Wires of the screen, counted. */
        public ?int $wireCount = null,
        public ?Reading $wireDiameter = null,
        public ?Armour $armour = null,
    ) {
    }

    public static function nothing(): self
    {
        return new self();
    }

    public function isEmpty(): bool
    {
        return [] === array_filter(get_object_vars($this), static fn (mixed $seen): bool => null !== $seen);
    }
}
