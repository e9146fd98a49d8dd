<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** One cable as it lies in front of the jointer: what it should be, what it is, and how much of it is free. */
final readonly class CableEnd
{
    public function __construct(
        public End $end,
        public Construction $construction,
        public AsFound $asFound,
        /** Straight, clean cable past the oversheath cut, where parts can be parked; null when nobody has measured it. */
        public ?Length $freeLength,
    ) {
    }

    public function cores(): Cores
    {
        return $this->construction->design->cores;
    }

    /** As measured where it was measured, else as the construction has it; null when neither tells. */
    public function diameterOver(LayerKind $kind): ?Length
    {
        return $this->asFound->diameterOver($kind)->mean ?? $this->construction->diameterOver($kind);
    }

    /** @throws DiameterUnknown with the layer to measure */
    public function knownDiameterOver(LayerKind $kind): Length
    {
        return $this->diameterOver($kind) ?? throw DiameterUnknown::over($this->end, $kind);
    }

    /** Radial thickness of the oversheath, over whatever lies beneath it. */
    public function oversheathThickness(): ?Length
    {
        $beneath = array_filter(
            $this->construction->design->layers(), static fn (LayerKind $kind): bool => LayerKind::Oversheath !== $kind,
        );

        return [] === $beneath ? null : $this->thickness($beneath[array_key_last($beneath)], LayerKind::Oversheath);
    }

    /**
     * Radial thickness from the top of $inner to the top of $outer, where both are known: for the insulation it includes the conductor
     * screen.
     */
    public function thickness(LayerKind $inner, LayerKind $outer): ?Length
    {
        $beneath = $this->diameterOver($inner);

        return null === $beneath ? null : $this->diameterOver($outer)?->minus($beneath)->dividedBy(2, Rounding::Nearest);
    }
}
