<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Basis;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Range;

/** Cable types as open files (docs/formats/cable-type.md). */
final class CableTypeFile
{
    public static function read(Fields $file): Construction
    {
        $revision = RevisionFile::read($file);
        $designation = $file->text('designation', 120);
        $standard = $file->optionalText('standard', 120);
        $voltage = $file->parsed('ratedVoltage', RatedVoltage::parse(...), RatedVoltage::parse('12 kV'));
        $conductor = $file->object('conductor', self::conductor(...));
        $insulation = $file->choice('insulation', InsulationMaterial::class);
        $screen = $file->choice('metallicScreen', MetallicScreen::class);
        $sheath = $file->choice('oversheath', SheathMaterial::class);
        $layers = $file->list('layers', self::layer(...));

        return Construction::of($revision, $designation, $standard, $voltage, Fields::got($conductor), $insulation, $screen, $sheath, $layers);
    }

    /** @return array<string, mixed> */
    public static function write(Construction $cable): array
    {
        return [
            ...RevisionFile::write($cable->revision),
            'designation' => $cable->designation,
            'standard' => $cable->standard,
            'ratedVoltage' => $cable->voltage->label,
            'conductor' => ['material' => $cable->conductor->material->value, 'shape' => $cable->conductor->shape->value, 'size' => $cable->conductor->size->label],
            'insulation' => $cable->insulation->value,
            'metallicScreen' => $cable->metallicScreen->value,
            'oversheath' => $cable->sheath->value,
            'layers' => array_values(array_map(static fn (Layer $layer): array => [
                'layer' => $layer->kind->value,
                'diameter' => $layer->diameter->toText(),
                ...(null === $layer->window?->min ? [] : ['min' => $layer->window->min->toText()]),
                ...(null === $layer->window?->max ? [] : ['max' => $layer->window->max->toText()]),
                'basis' => $layer->basis->value,
                'source' => $layer->source,
            ], $cable->layers)),
        ];
    }

    private static function conductor(Fields $file): Conductor
    {
        return new Conductor(
            $file->choice('material', ConductorMaterial::class),
            $file->choice('shape', ConductorShape::class),
            $file->parsed('size', ConductorSize::parse(...), ConductorSize::ofSquareMillimetres(95)),
        );
    }

    private static function layer(Fields $file): Layer
    {
        $kind = $file->choice('layer', LayerKind::class);
        $diameter = $file->length('diameter');
        $min = $file->optionalLength('min');
        $max = $file->optionalLength('max');
        $basis = $file->has('basis') ? $file->choice('basis', Basis::class) : Basis::Stated;
        $window = match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $min => Range::atLeast($min),
            null !== $max => Range::atMost($max),
            default => null,
        };

        return new Layer($kind, $diameter, $window, $basis, $file->optionalText('source', 300));
    }
}
