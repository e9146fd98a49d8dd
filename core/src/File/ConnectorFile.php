<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Connector\Fixing;

/** Connectors and lugs as open files (docs/formats/connector.md). */
final class ConnectorFile
{
    public static function read(Fields $file): Connector
    {
        $revision = RevisionFile::read($file);
        $name = $file->text('name', 120);
        $maker = $file->text('maker', 120);
        $kind = $file->choice('kind', ConnectorKind::class);
        $fixing = $file->choice('fixing', Fixing::class);
        $materials = $file->choices('materials', ConductorMaterial::class);
        $sizes = $file->object('conductor', RangeFile::readSizes(...));
        $bore = $file->length('bore');
        $boreDepth = $file->length('boreDepth');
        $diameter = $file->length('diameter');
        $length = $file->length('length');
        $hole = $file->optionalLength('holeToMouth');
        $method = $file->text('method', 600);

        return Connector::of($revision, $name, $maker, $kind, $fixing, $materials, Fields::got($sizes), $bore, $boreDepth, $diameter, $length, $hole, $method);
    }

    /** @return array<string, mixed> */
    public static function write(Connector $connector): array
    {
        return [
            ...RevisionFile::write($connector->revision),
            'name' => $connector->name,
            'maker' => $connector->maker,
            'kind' => $connector->kind->value,
            'fixing' => $connector->fixing->value,
            'materials' => array_map(static fn (ConductorMaterial $material): string => $material->value, $connector->materials),
            'conductor' => RangeFile::writeSizes($connector->sizes),
            'bore' => $connector->bore->toText(),
            'boreDepth' => $connector->boreDepth->toText(),
            'diameter' => $connector->diameter->toText(),
            'length' => $connector->length->toText(),
            ...(null === $connector->holeToMouth ? [] : ['holeToMouth' => $connector->holeToMouth->toText()]),
            'method' => $connector->method,
        ];
    }
}
