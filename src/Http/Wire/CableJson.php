<?php

declare(strict_types=1);

namespace App\Http\Wire;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;

final class CableJson
{
    /** @return array<string, mixed> */
    public static function type(Construction $cable): array
    {
        return [
            'id' => $cable->revision->id,
            'revision' => $cable->revision->number,
            'designation' => $cable->designation,
            'standard' => $cable->standard,
            'ratedVoltage' => $cable->voltage->label,
            'conductorMaterial' => $cable->conductor->material->value,
            'conductorShape' => $cable->conductor->shape->value,
            'conductorSize' => $cable->conductor->size->label,
            'insulation' => $cable->insulation->value,
            'metallicScreen' => $cable->metallicScreen->value,
            'oversheath' => $cable->sheath->value,
            'layers' => array_values(array_map(self::layer(...), $cable->layers)),
        ];
    }

    /** @return array<string, mixed> */
    public static function end(CableEnd $cable): array
    {
        $measured = [];
        foreach (array_keys($cable->asFound->readings) as $layer) {
            $diameter = $cable->asFound->diameterOver(LayerKind::from($layer));
            $measured[$layer] = null === $diameter ? null : [
                'meanMm' => $diameter->mean->inMillimetres(), 'ovalityMm' => $diameter->ovality->inMillimetres(), 'uncertaintyMm' => $diameter->uncertainty->inMillimetres(), 'count' => $diameter->count,
            ];
        }

        return ['end' => $cable->end->value, 'cable' => self::type($cable->construction), 'measured' => (object) $measured, 'freeLengthMm' => $cable->freeLength?->inMillimetres()];
    }

    /** @return array<string, mixed> */
    private static function layer(Layer $layer): array
    {
        return [
            'layer' => $layer->kind->value,
            'diameterMm' => $layer->diameter->inMillimetres(),
            'minMm' => $layer->window?->min?->inMillimetres(),
            'maxMm' => $layer->window?->max?->inMillimetres(),
            'basis' => $layer->basis->value,
            'source' => $layer->source,
        ];
    }
}
