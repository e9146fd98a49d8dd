<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Kit\Content;
use Berm\Core\Kit\ContentKind;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\PropertyType;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Torque;

/** What else lies in the box, in a kit sheet's open file. @internal */
final class KitContentFile
{
    public static function read(Fields $file): Content
    {
        $kind = $file->kind('kind', ContentKind::class);
        $properties = [];
        foreach ($kind->properties() as $property) {
            if ($file->has($property->value)) {
                $properties[$property->value] = self::value($file, $property);
            }
        }

        return new Content($file->text('key', 40), $file->text('name', 80), $kind, $file->integer('count', 1, 500), $properties);
    }

    private static function value(Fields $file, Property $property): Length|ConductorSize|Torque|float|bool|string
    {
        $key = $property->value;

        return match ($property->type()) {
            PropertyType::Length => $file->length($key),
            PropertyType::Area => $file->parsed($key, ConductorSize::parse(...), ConductorSize::ofSquareMillimetres(1)),
            PropertyType::Torque => $file->parsed($key, Torque::parse(...), Torque::standIn()),
            PropertyType::Number => $file->number($key, 0.01, 10_000),
            PropertyType::Flag => $file->flag($key),
            PropertyType::Text => $file->text($key, 80),
        };
    }

    /** @return array<string, mixed> */
    public static function write(Content $content): array
    {
        return [
            'key' => $content->key, 'name' => $content->name, 'kind' => $content->kind->value, 'count' => $content->count,
            ...array_map(static fn (Length|ConductorSize|Torque|float|bool|string $value): float|bool|string => match (true) {
                $value instanceof ConductorSize => $value->label,
                $value instanceof Length, $value instanceof Torque => $value->toText(),
                default => $value,
            }, $content->properties),
        ];
    }
}
