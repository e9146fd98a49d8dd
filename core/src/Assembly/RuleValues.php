<?php

declare(strict_types=1);

namespace Berm\Core\Assembly;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\Causes;
use Berm\Core\Site\Site;

/** The quantities that a kit's formulas are worked out with, for one end. */
final class RuleValues
{
    /**
     * @param array<string, Length> $dimensions of the kit size
     * @param Connector|null        $connector  turned to the cables
     * @param CableEnd|null         $other      of a joint, the other end's
     */
    public static function of(CableEnd $cable, array $dimensions, ?Connector $connector, Site $site, ?CableEnd $other = null): Values
    {
        return Values::of([
            ...$dimensions,
            ...null === $connector ? [] : self::ofConnector($connector, $cable),
            ...self::ofDesign($cable),
            ...null === $other ? [] : self::ofOther($other),
            'conductor_diameter' => $cable->diameterOver(LayerKind::Conductor),
            'insulation_diameter' => $cable->diameterOver(LayerKind::Insulation),
            'insulation_wall' => $cable->construction->wall(),
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

    /**
     * The lengths among them that are not exact, with their causes.
     *
     * @return array<string, Locus>
     */
    public static function inexact(CableEnd $cable, Causes $causes): array
    {
        $over = static fn (LayerKind $layer): ?Locus => $causes->diameter($cable, $layer);
        $wall = static fn (LayerKind $inner, LayerKind $outer): ?Locus => null === $over($inner)
            ? null
            : $over($outer)?->minus($over($inner))->times(0.5);

        return array_filter([
            'connector_diameter' => $causes->connectorDiameter(),
            'barrel_growth' => $causes->growth($cable->end),
            'conductor_diameter' => $over(LayerKind::Conductor),
            'insulation_diameter' => $over(LayerKind::Insulation),
            'insulation_thickness' => $wall(LayerKind::Conductor, LayerKind::Insulation),
            'insulation_screen_diameter' => $over(LayerKind::InsulationScreen),
            'insulation_screen_thickness' => $wall(LayerKind::Insulation, LayerKind::InsulationScreen),
            'metallic_screen_diameter' => $over(LayerKind::MetallicScreen),
            'lead_sheath_diameter' => $over(LayerKind::LeadSheath),
            'bedding_diameter' => $over(LayerKind::Bedding),
            'armour_diameter' => $over(LayerKind::Armour),
            'oversheath_diameter' => $over(LayerKind::Oversheath),
        ], static fn (?Locus $locus): bool => null !== $locus);
    }

    /** Every diameter of this cable that one of the names rests on was read on it, and not taken from its type. */
    public static function areMeasured(CableEnd $cable, string ...$names): bool
    {
        foreach ($names as $name) {
            foreach (self::layersOf($cable, $name) as $layer) {
                if (null === $cable->asFound->diameterOver($layer)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<LayerKind> */
    private static function layersOf(CableEnd $cable, string $name): array
    {
        return match ($name) {
            'conductor_diameter' => [LayerKind::Conductor],
            'insulation_diameter' => [LayerKind::Insulation],
            'insulation_thickness' => [LayerKind::Conductor, LayerKind::Insulation],
            'insulation_screen_diameter' => [LayerKind::InsulationScreen],
            'insulation_screen_thickness' => [LayerKind::Insulation, LayerKind::InsulationScreen],
            'metallic_screen_diameter' => [LayerKind::MetallicScreen],
            'lead_sheath_diameter' => [LayerKind::LeadSheath],
            'bedding_diameter' => [LayerKind::Bedding],
            'armour_diameter' => [LayerKind::Armour],
            'oversheath_thickness' => [...\array_slice($cable->construction->design->layers(), -2)],
            'oversheath_diameter' => [LayerKind::Oversheath],
            default => [],
        };
    }

    /** @return array<string, Length|float|string> */
    private static function ofConnector(Connector $connector, CableEnd $cable): array
    {
        $barrel = $connector->barrels->at($cable->end);

        return [
            'connector_length' => $connector->length,
            'connector_diameter' => $connector->diameter,
            'connector_growth' => $connector->growth(),
            'bore_depth' => $barrel->depth,
            'half_connector' => $barrel->depth,
            'barrel_growth' => $barrel->growth(),
            'bolts' => (float) ($connector->specification->bolts->count ?? 0),
            'crimps' => (float) ($barrel->crimps->perSide ?? 0),
            'connector_fixing' => $connector->fixing->value,
            'connector_stop' => $connector->specification->stop->value,
        ];
    }

    /** @return array<string, string> */
    private static function ofOther(CableEnd $cable): array
    {
        $design = $cable->construction->design;

        return [
            'other_insulation' => $design->insulation->value,
            'other_metallic_screen' => $design->metallicScreen->value,
            'other_armour' => $design->armour->value,
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
