<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\Choice;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;

/** Kits and connectors as lists show them; the whole sheet is its open file. */
final class SheetJson
{
    /** @return array<string, mixed> */
    public static function kit(KitSheet $sheet, KitSize $size): array
    {
        return [
            'id' => $sheet->revision->id, 'revision' => $sheet->revision->number, 'name' => $sheet->name, 'maker' => $sheet->maker,
            'technology' => $sheet->application->technology->value, 'ratedVoltage' => $sheet->voltageOf($size)->label, 'size' => $size->label,
        ];
    }

    /** @return array<string, mixed> */
    public static function connector(Connector $connector): array
    {
        return [
            'id' => $connector->revision->id, 'revision' => $connector->revision->number, 'name' => $connector->name, 'maker' => $connector->maker,
            'kind' => $connector->kind->value, 'fixing' => $connector->fixing->value,
            'materials' => array_map(static fn (ConductorMaterial $material): string => $material->value, $connector->materials),
            'lengthMm' => $connector->length->inMillimetres(), 'diameterMm' => $connector->diameter->inMillimetres(),
            'boreMm' => $connector->bore->inMillimetres(), 'boreDepthMm' => $connector->boreDepth->inMillimetres(),
            'holeToMouthMm' => $connector->holeToMouth?->inMillimetres(),
            'method' => $connector->method,
            'details' => array_map(SentenceJson::of(...), $connector->specification->inWords($connector->sides())),
        ];
    }

    /** @return array<string, mixed> */
    public static function choice(Choice $choice): array
    {
        $worst = $choice->fit->worst();

        return [
            'kit' => null === $choice->sheet || null === $choice->size ? null : self::kit($choice->sheet, $choice->size),
            'connector' => null === $choice->connector ? null : self::connector($choice->connector),
            'outcome' => $choice->fit->outcome()->value,
            'against' => $choice->fit->obstacles(),
            'worst' => null === $worst ? null : FitJson::finding($worst),
            'thinnest' => null === $choice->fit->thinnest() ? null : FitJson::finding($choice->fit->thinnest()),
        ];
    }
}
