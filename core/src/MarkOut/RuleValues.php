<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Length;
use Berm\Core\Site\Site;

/** The quantities that a kit's formulas are worked out with, for one end. */
final class RuleValues
{
    /** @param array<string, Length> $dimensions of the kit size */
    public static function of(CableEnd $cable, array $dimensions, ?Connector $connector, Site $site): Values
    {
        return Values::of([
            ...$dimensions,
            ...self::ofConnector($connector),
            ...self::ofDesign($cable),
            'conductor_diameter' => $cable->diameterOver(LayerKind::Conductor),
            'insulation_diameter' => $cable->diameterOver(LayerKind::Insulation),
            'insulation_thickness' => $cable->thickness(LayerKind::Conductor, LayerKind::Insulation),
            'insulation_screen_diameter' => $cable->diameterOver(LayerKind::InsulationScreen),
            'insulation_screen_thickness' => $cable->thickness(LayerKind::Insulation, LayerKind::InsulationScreen),
            'metallic_screen_diameter' => $cable->diameterOver(LayerKind::MetallicScreen),
            'lead_sheath_diameter' => $cable->diameterOver(LayerKind::LeadSheath),
            'bedding_diameter' => $cable->diameterOver(LayerKind::Bedding),
            'armour_diameter' => $cable->diameterOver(LayerKind::Armour),
            'oversheath_thickness' => $cable->oversheathThickness(),
            'oversheath_diameter' => $cable->diameterOver(LayerKind::Oversheath),
            'end' => $cable->end->value,
            'place' => $site->place?->value,
            'mounting' => $site->mounting?->value,
        ]);
    }

    /** @return array<string, Length|string|null> */
    private static function ofConnector(?Connector $connector): array
    {
        return [
            'connector_length' => $connector?->length,
            'connector_diameter' => $connector?->diameter,
            'connector_growth' => $connector?->growth(),
            'bore_depth' => $connector?->boreDepth,
            'connector_fixing' => $connector?->fixing->value,
            'connector_stop' => $connector?->specification->stop->value,
        ];
    }

    /** @return array<string, float|string> */
    private static function ofDesign(CableEnd $cable): array
    {
        $design = $cable->construction->design;

        return [
            'conductor_area' => $design->conductor->size->area,
            'voltage' => $design->voltage->highestVolts / 1000,
            'cores' => (float) $design->cores->value,
            'conductor_material' => $design->conductor->material->value,
            'conductor_shape' => $design->conductor->shape->value,
            'insulation' => $design->insulation->value,
            'insulation_screen' => $design->insulationScreen->value,
            'metallic_screen' => $design->metallicScreen->value,
            'armour' => $design->armour->value,
        ];
    }
}
