<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Revision;

/** A cable type: what it is called, and the diameters over its layers that are known, each larger than the one beneath. */
final readonly class Construction
{
    /** @param array<string, Layer> $layers by LayerKind value, from the inside out; a layer whose diameter nobody knows is absent */
    private function __construct(
        public Revision $revision,
        public string $designation,
        public string $standard,
        public Design $design,
        public array $layers,
    ) {
    }

    /**
     * @param list<Layer> $layers in any order; those that are not known may be left out
     *
     * @throws LayersCross
     * @throws ImpossibleDesign when a layer is given that the design does not have
     */
    public static function of(Revision $revision, string $designation, string $standard, Design $design, array $layers): self
    {
        return new self($revision, $designation, $standard, $design, self::ordered($design, $layers));
    }

    /**
     * The same cable with layers that were worked out.
     *
     * @param list<Layer> $layers
     */
    public function withLayers(array $layers): self
    {
        return new self($this->revision, $this->designation, $this->standard, $this->design, self::ordered($this->design, $layers));
    }

    /** Null when it is not known. */
    /** Of the insulation alone, without the conductor screen, as standards state it; null where its diameters are not known. */
    public function wall(): ?Length
    {
        $beneath = $this->diameterOver(LayerKind::ConductorScreen) ?? $this->diameterOver(LayerKind::Conductor);

        return null === $beneath ? null : $this->diameterOver(LayerKind::Insulation)?->minus($beneath)->dividedBy(2, Rounding::Nearest);
    }

    public function diameterOver(LayerKind $kind): ?Length
    {
        return ($this->layers[$kind->value] ?? null)?->diameter;
    }

    /** @throws LayersCross for a diameter that no medium-voltage cable has: 2 to 150 mm for a core, to 250 mm over all */
    public static function ensurePlausible(LayerKind $kind, Length $diameter): void
    {
        $most = Length::ofMillimetres($kind->isOfCore() ? 150 : 250);
        if (!Range::between(Length::ofMillimetres(2), $most)->contains($diameter)) {
            throw LayersCross::absurd($kind, $diameter, $most);
        }
    }

    /**
     * @param list<Layer> $layers
     *
     * @return array<string, Layer>
     */
    private static function ordered(Design $design, array $layers): array
    {
        $byKind = [];
        foreach ($layers as $layer) {
            if (isset($byKind[$layer->kind->value])) {
                throw LayersCross::twice($layer->kind);
            }
            if (!$design->has($layer->kind)) {
                throw ImpossibleDesign::layerNotThere($layer->kind);
            }
            self::ensurePlausible($layer->kind, $layer->diameter);
            $byKind[$layer->kind->value] = $layer;
        }
        $ordered = [];
        $inner = null;
        foreach (LayerKind::cases() as $kind) {
            $layer = $byKind[$kind->value] ?? null;
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
