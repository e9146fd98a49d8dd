<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Basis;
use Berm\Core\Cable\Bedding;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\InsulationScreen;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\ScreenWires;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Cable\UnreadableVoltage;
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
        $design = self::design($file);
        $layers = $file->has('layers') ? $file->list('layers', self::layer(...)) : [];

        return Construction::of($revision, $designation, $standard, $design, $layers);
    }

    /** @return array<string, mixed> */
    public static function write(Construction $cable): array
    {
        return [
            ...RevisionFile::write($cable->revision),
            'designation' => $cable->designation,
            'standard' => $cable->standard,
            ...self::writeDesign($cable->design),
            'layers' => array_values(array_map(self::writeLayer(...), $cable->layers)),
        ];
    }

    private static function design(Fields $file): Design
    {
        $voltage = $file->parsed('ratedVoltage', RatedVoltage::parse(...), RatedVoltage::parse('6.35/11 (12) kV'));
        $insulation = $file->choice('insulation', InsulationMaterial::class);
        $cores = $file->has('cores') ? Cores::from($file->oneOf('cores', [1, 3])) : Cores::One;
        $usualScreen = $insulation->isExtruded()
            ? InsulationScreen::Strippable
            : (Cores::Three === $cores ? InsulationScreen::None : InsulationScreen::CarbonPaper);

        $conductor = Fields::got($file->object('conductor', self::conductor(...)));
        if ('15 kV' === $voltage->label && $conductor->size->isMetric()) {
            $file->problem('ratedVoltage', UnreadableVoltage::classOnMetric($voltage->label)->getMessage());
        }

        return Design::of(
            $cores,
            $voltage,
            $file->has('insulationLevel') ? InsulationLevel::from($file->oneOf('insulationLevel', [100, 133, 173])) : null,
            $conductor,
            $insulation,
            $file->has('insulationScreen') ? $file->choice('insulationScreen', InsulationScreen::class) : $usualScreen,
            $file->choice('metallicScreen', MetallicScreen::class),
            $file->optionalObject(
                'screenWires',
                static fn (Fields $wires): ScreenWires => ScreenWires::of($wires->integer('count', 1, 200), $wires->length('diameter')),
            ),
            $file->has('bedding') ? $file->choice('bedding', Bedding::class) : Bedding::None,
            $file->has('armour') ? $file->choice('armour', Armour::class) : Armour::None,
            $file->choice('oversheath', SheathMaterial::class),
        );
    }

    /** @return array<string, mixed> */
    private static function writeDesign(Design $design): array
    {
        return [
            'ratedVoltage' => $design->voltage->label,
            ...(null === $design->level ? [] : ['insulationLevel' => $design->level->value]),
            'cores' => $design->cores->value,
            'conductor' => [
                'material' => $design->conductor->material->value,
                'shape' => $design->conductor->shape->value,
                'size' => $design->conductor->size->label,
            ],
            'insulation' => $design->insulation->value,
            'insulationScreen' => $design->insulationScreen->value,
            'metallicScreen' => $design->metallicScreen->value,
            ...(null === $design->wires ? [] : ['screenWires' => [
                'count' => $design->wires->count, 'diameter' => $design->wires->diameter->toText(),
            ]]),
            'bedding' => $design->bedding->value,
            'armour' => $design->armour->value,
            'oversheath' => $design->sheath->value,
        ];
    }

    /** @return array<string, string> */
    private static function writeLayer(Layer $layer): array
    {
        return [
            'layer' => $layer->kind->value,
            'diameter' => $layer->diameter->toText(),
            ...(null === $layer->window?->min ? [] : ['min' => $layer->window->min->toText()]),
            ...(null === $layer->window?->max ? [] : ['max' => $layer->window->max->toText()]),
            'basis' => $layer->basis->value,
            'source' => $layer->source,
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
