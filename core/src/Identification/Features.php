<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Conductor\ConductorShape;

/** What the eye can tell of a construction, as short codes that are quick to compare. */
final readonly class Features
{
    private function __construct(
        public int $cores,
        public bool $isSector,
        public string $material,
        public bool $isStranded,
        /** XLPE with and without tree retardant look alike. */
        public string $insulation,
        public string $screen,
        /** 0 where the type does not say. */
        public int $wireCount,
        public int $wireNanometres,
        public string $armour,
    ) {
    }

    public static function of(Design $design): self
    {
        return new self(
            $design->cores->value,
            ConductorShape::Sector === $design->conductor->shape,
            $design->conductor->material->value,
            ConductorShape::Solid !== $design->conductor->shape,
            self::looksLike($design->insulation),
            $design->metallicScreen->value,
            $design->wires->count ?? 0,
            $design->wires->diameter->nanometres ?? 0,
            $design->armour->value,
        );
    }

    public static function looksLike(InsulationMaterial $material): string
    {
        return (InsulationMaterial::TreeRetardantXlpe === $material ? InsulationMaterial::Xlpe : $material)->value;
    }
}
