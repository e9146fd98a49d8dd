<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Conductor\Conductor;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Revision;

/** A cable type: what it is called, and its layers from the inside out, each larger than the one beneath. */
final readonly class Construction
{
    /** @param array<string, Layer> $layers by LayerKind value, none but the conductor screen missing, from the inside out */
    private function __construct(
        public Revision $revision,
        public string $designation,
        public string $standard,
        public RatedVoltage $voltage,
        public Conductor $conductor,
        public InsulationMaterial $insulation,
        public MetallicScreen $metallicScreen,
        public SheathMaterial $sheath,
        public array $layers,
    ) {
    }

    /**
     * @param list<Layer> $layers in any order; the conductor screen may be left out
     *
     * @throws LayersCross
     */
    public static function of(
        Revision $revision,
        string $designation,
        string $standard,
        RatedVoltage $voltage,
        Conductor $conductor,
        InsulationMaterial $insulation,
        MetallicScreen $metallicScreen,
        SheathMaterial $sheath,
        array $layers,
    ): self {
        return new self($revision, $designation, $standard, $voltage, $conductor, $insulation, $metallicScreen, $sheath, self::ordered($layers));
    }

    /** The diameter over a layer; over the conductor screen where it is not given, that over the conductor. */
    public function diameterOver(LayerKind $kind): Length
    {
        return ($this->layers[$kind->value] ?? $this->layers[LayerKind::Conductor->value])->diameter;
    }

    /** @throws LayersCross for a diameter that no medium-voltage core has, in the core's own range of 2 to 150 mm */
    public static function ensurePlausible(LayerKind $kind, Length $diameter): void
    {
        if (!Range::between(Length::ofMillimetres(2), Length::ofMillimetres(150))->contains($diameter)) {
            throw LayersCross::absurd($kind, $diameter);
        }
    }

    /**
     * @param list<Layer> $layers
     *
     * @return array<string, Layer>
     */
    private static function ordered(array $layers): array
    {
        $byKind = [];
        foreach ($layers as $layer) {
            if (isset($byKind[$layer->kind->value])) {
                throw LayersCross::twice($layer->kind);
            }
            self::ensurePlausible($layer->kind, $layer->diameter);
            $byKind[$layer->kind->value] = $layer;
        }
        $ordered = [];
        $inner = null;
        foreach (LayerKind::cases() as $kind) {
            $layer = $byKind[$kind->value] ?? ($kind->isMeasurable() ? throw LayersCross::missing($kind) : null);
            if (null === $layer) {
                continue;
            }
            if (null !== $inner && $layer->diameter->isAtMost($inner->diameter)) {
                throw LayersCross::diameters($inner->kind, $inner->diameter, $kind, $layer->diameter);
            }
            $ordered[$kind->value] = $inner = $layer;
        }

        return $ordered;
    }
}
