<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\Choice;
use App\UseCase\Choices;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorInWords;
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
            'lengthMm' => $connector->length->inMillimetres(), 'diameterMm' => $connector->diameter->inMillimetres(),
            'barrels' => array_map(self::barrel(...), $connector->barrels->areAlike() ? [$connector->barrels->first] : $connector->barrels->all()),
            'holeToMouthMm' => $connector->holeToMouth?->inMillimetres(),
            'method' => $connector->method,
            'details' => array_map(SentenceJson::of(...), ConnectorInWords::of($connector)),
        ];
    }

    /** @return array<string, mixed> */
    private static function barrel(Barrel $barrel): array
    {
        return [
            'materials' => array_map(static fn (ConductorMaterial $material): string => $material->value, $barrel->materials),
            'boreMm' => $barrel->bore->inMillimetres(), 'depthMm' => $barrel->depth->inMillimetres(),
        ];
    }

    /** @return array<string, mixed> */
    public static function choices(Choices $choices): array
    {
        return [
            'choices' => array_map(self::choice(...), $choices->choices),
            'total' => $choices->total, 'possible' => $choices->possible, 'page' => $choices->page, 'perPage' => Choices::PER_PAGE,
        ];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        return [
            'kit' => null === $choice->sheet || null === $choice->size ? null : self::kit($choice->sheet, $choice->size),
            'connector' => null === $choice->connector ? null : self::connector($choice->connector),
            ...self::standing($choice),
            'connectorsThatGo' => $choice->connectorsThatGo,
            'with' => null === $choice->with?->connector ? null : ['connector' => self::connector($choice->with->connector), ...self::standing($choice->with)],
        ];
    }

    /** @return array<string, mixed> */
    private static function standing(Choice $choice): array
    {
        [$worst, $thinnest] = [$choice->fit->worst(), $choice->fit->thinnest()];

        return [
            'outcome' => $choice->fit->outcome()->value,
            'against' => $choice->fit->obstacles(),
            'worst' => null === $worst ? null : FitJson::finding($worst),
            'thinnest' => null === $thinnest ? null : FitJson::finding($thinnest),
        ];
    }
}
