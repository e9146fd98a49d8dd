<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorInWords;

/** A connector as lists show it; the whole sheet is its open file. */
final class ConnectorJson
{
    /** @return array<string, mixed> */
    public static function of(Connector $connector): array
    {
        return [
            'id' => $connector->revision->id, 'revision' => $connector->revision->number, 'name' => $connector->name,
            'maker' => $connector->maker,
            'kind' => $connector->kind->value, 'fixing' => $connector->fixing->value,
            'lengthMm' => $connector->length->inMillimetres(), 'diameterMm' => $connector->diameter->inMillimetres(),
            'barrels' => array_map(
                self::barrel(...), $connector->barrels->areAlike() ? [$connector->barrels->first] : $connector->barrels->all(),
            ),
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
}
