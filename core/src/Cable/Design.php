<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorShape;

/** What a cable is called, without its diameters: enough to ask a standard what they must be. */
final readonly class Design
{
    private function __construct(
        public Cores $cores,
        public RatedVoltage $voltage,
        /** North American cables only. */
        public ?InsulationLevel $level,
        public Conductor $conductor,
        public InsulationMaterial $insulation,
        public InsulationScreen $insulationScreen,
        public MetallicScreen $metallicScreen,
        /** Null where they were not counted or there are none. */
        public ?ScreenWires $wires,
        public Bedding $bedding,
        public Armour $armour,
        public SheathMaterial $sheath,
    ) {
    }

    /** @throws ImpossibleDesign */
    public static function of(
        Cores $cores,
        RatedVoltage $voltage,
        ?InsulationLevel $level,
        Conductor $conductor,
        InsulationMaterial $insulation,
        InsulationScreen $insulationScreen,
        MetallicScreen $metallicScreen,
        ?ScreenWires $wires,
        Bedding $bedding,
        Armour $armour,
        SheathMaterial $sheath,
    ): self {
        match (true) {
            null !== $wires && !$metallicScreen->hasWires() => throw ImpossibleDesign::wiresOn($metallicScreen),
            !$insulation->isExtruded() && MetallicScreen::LeadSheath !== $metallicScreen => throw ImpossibleDesign::papers($insulation),
            $insulation->isExtruded() && InsulationScreen::None === $insulationScreen => throw ImpossibleDesign::unscreened(),
            ConductorShape::Sector === $conductor->shape && Cores::One === $cores => throw ImpossibleDesign::sectorAlone(),
            default => null,
        };

        return new self(
            $cores, $voltage, $level, $conductor, $insulation, $insulationScreen, $metallicScreen, $wires, $bedding, $armour, $sheath,
        );
    }

    /** Three unscreened paper cores under one belt and one lead sheath. */
    public function isBelted(): bool
    {
        return Cores::Three === $this->cores && InsulationScreen::None === $this->insulationScreen;
    }

    /** @return list<LayerKind> the layers that such a cable has, from the inside out */
    public function layers(): array
    {
        return array_values(array_filter(LayerKind::cases(), $this->has(...)));
    }

    public function has(LayerKind $kind): bool
    {
        return match ($kind) {
            LayerKind::Conductor, LayerKind::ConductorScreen, LayerKind::Insulation, LayerKind::Oversheath => true,
            LayerKind::InsulationScreen => InsulationScreen::None !== $this->insulationScreen,
            LayerKind::MetallicScreen => MetallicScreen::LeadSheath !== $this->metallicScreen,
            LayerKind::LaidUpCores => Cores::Three === $this->cores,
            LayerKind::Belt => $this->isBelted(),
            LayerKind::LeadSheath => MetallicScreen::LeadSheath === $this->metallicScreen,
            LayerKind::Bedding => Bedding::None !== $this->bedding,
            LayerKind::Armour => Armour::None !== $this->armour,
        };
    }

    /** Can its diameter be read with a caliper? A sector-shaped core is not round. */
    public function isMeasurable(LayerKind $kind): bool
    {
        return $this->has($kind) && $kind->isMeasurable() && !(ConductorShape::Sector === $this->conductor->shape && $kind->isOfCore());
    }

    /** @return list<LayerKind> */
    public function measurableLayers(): array
    {
        return array_values(array_filter($this->layers(), $this->isMeasurable(...)));
    }
}
