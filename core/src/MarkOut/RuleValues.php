<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSize;

/** The quantities that a kit's formulas are worked out with, for one end. */
final class RuleValues
{
    public static function of(CableEnd $cable, KitSize $size, Connector $connector): Values
    {
        return Values::of([
            ...$size->dimensions,
            'connector_length' => $connector->length,
            'connector_diameter' => $connector->diameter,
            'connector_growth' => $connector->growth(),
            'bore_depth' => $connector->boreDepth,
            'connector_fixing' => $connector->fixing->value,
            'conductor_diameter' => $cable->diameterOver(LayerKind::Conductor),
            'insulation_diameter' => $cable->diameterOver(LayerKind::Insulation),
            'insulation_thickness' => $cable->thickness(LayerKind::Conductor, LayerKind::Insulation),
            'insulation_screen_thickness' => $cable->thickness(LayerKind::Insulation, LayerKind::InsulationScreen),
            'oversheath_thickness' => $cable->thickness(LayerKind::MetallicScreen, LayerKind::Oversheath),
            'oversheath_diameter' => $cable->diameterOver(LayerKind::Oversheath),
        ]);
    }
}
