<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Condition;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\FoundInWords;
use Berm\Core\Cable\Handling;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MeasuredWall;
use Berm\Core\Electric\CableConstants;

final class CableJson
{
    /** @return array<string, mixed> */
    public static function type(Construction $cable): array
    {
        $design = $cable->design;

        return [
            'id' => $cable->revision->id,
            'revision' => $cable->revision->number,
            'designation' => $cable->designation,
            'standard' => $cable->standard,
            'cores' => $design->cores->value,
            'ratedVoltage' => $design->voltage->label,
            'insulationLevel' => $design->level?->value,
            'conductorMaterial' => $design->conductor->material->value,
            'conductorShape' => $design->conductor->shape->value,
            'conductorSize' => $design->conductor->size->label,
            'insulation' => $design->insulation->value,
            'insulationScreen' => $design->insulationScreen->value,
            'metallicScreen' => $design->metallicScreen->value,
            'screenWires' => null === $design->wires ? null : [
                'count' => $design->wires->count, 'diameterMm' => $design->wires->diameter->inMillimetres(),
            ],
            'bedding' => $design->bedding->value,
            'armour' => $design->armour->value,
            'oversheath' => $design->sheath->value,
            'layers' => array_values(array_map(self::layer(...), $cable->layers)),
            'unknown' => self::kinds(array_filter(
                $design->measurableLayers(), static fn (LayerKind $kind): bool => null === $cable->diameterOver($kind),
            )),
            'measurable' => self::kinds($design->measurableLayers()),
            'constants' => self::constants($cable),
            'handling' => self::handling($cable),
        ];
    }

    /** @return array<string, mixed> */
    public static function end(CableEnd $cable): array
    {
        $asFound = $cable->asFound;
        $measured = [];
        foreach (array_keys($asFound->readings) as $layer) {
            $diameter = $asFound->diameterOver(LayerKind::from($layer));
            $measured[$layer] = null === $diameter ? null : [
                'meanMm' => $diameter->mean->inMillimetres(), 'ovalityMm' => $diameter->ovality->inMillimetres(),
                'taperMm' => $diameter->taper->inMillimetres(),
                'uncertaintyMm' => $diameter->uncertainty->inMillimetres(), 'count' => $diameter->count, 'places' => $diameter->places,
            ];
        }

        return [
            'end' => $cable->end->value, 'cable' => self::type($cable->construction), 'measured' => (object) $measured,
            'wall' => self::wall($asFound->wall()),
            'conditions' => self::conditions($cable), 'found' => array_map(
                SentenceJson::of(...), FoundInWords::of($cable),
            ), 'freeLengthMm' => $cable->freeLength?->inMillimetres(),
        ];
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

    /**
     * @param array<LayerKind> $kinds
     *
     * @return list<string>
     */
    private static function kinds(array $kinds): array
    {
        return array_values(array_map(static fn (LayerKind $kind): string => $kind->value, $kinds));
    }

    /** @return array<string, mixed> */
    private static function constants(Construction $cable): array
    {
        $constants = CableConstants::of($cable);

        return [
            'resistanceOhmPerKm' => $constants->resistance,
            'resistanceSource' => $constants->resistanceSource,
            'capacitanceMicrofaradPerKm' => $constants->capacitance,
        ];
    }

    /** @return array<string, mixed> */
    private static function handling(Construction $cable): array
    {
        $handling = Handling::of($cable->design);
        $overAll = $cable->diameterOver(LayerKind::Oversheath);

        return [
            'lowestCelsius' => $handling->lowestCelsius, 'timesDiameter' => $handling->timesDiameter,
            'bendingRadiusMm' => null === $overAll ? null : $handling->radiusFor($overAll)->inMillimetres(), 'source' => $handling->source,
        ];
    }

    /** @return array<string, mixed>|null */
    private static function wall(?MeasuredWall $wall): ?array
    {
        return null === $wall ? null : [
            'leastMm' => $wall->least->inMillimetres(), 'greatestMm' => $wall->greatest->inMillimetres(),
            'meanMm' => $wall->mean->inMillimetres(),
            'uncertaintyMm' => $wall->uncertainty->inMillimetres(), 'count' => $wall->count, 'eccentricity' => $wall->eccentricity,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function conditions(CableEnd $cable): array
    {
        $applying = array_filter(
            Condition::cases(), static fn (Condition $condition): bool => $condition->appliesTo($cable->construction->design),
        );

        return array_values(array_map(
            static fn (Condition $condition): array => [
                'key' => $condition->value, 'question' => $condition->question(), 'isSo' => $cable->asFound->isSo($condition),
            ],
            $applying,
        ));
    }
}
