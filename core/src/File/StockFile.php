<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Kit\LengthChange;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\PropertyType;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\StockKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Toleranced;
use Berm\Core\Quantity\Torque;

/**
 * What lies in the box, in a kit sheet's open file. @internal
 *
 * @phpstan-import-type Value from Stock
 */
final class StockFile
{
    public static function read(Fields $file): Stock
    {
        $kind = $file->kind('kind', StockKind::class);

        return Stock::of($file->text('key', 40), $file->text('name', 80), $kind, self::count($file), self::properties($file, $kind));
    }

    /** @return array<string, Value> what a stock of that kind can have */
    public static function properties(Fields $file, StockKind $kind): array
    {
        $properties = [];
        foreach ($kind->properties() as $property) {
            if ($file->has($property->value)) {
                $properties[$property->value] = self::value($file, $property);
            }
        }

        return $properties;
    }

    /**
     * Of a size, which does not say again of what kind it is.
     *
     * @return array<string, Value>
     */
    public static function ofAnyKind(Fields $file): array
    {
        $properties = [];
        foreach (Property::cases() as $property) {
            if ($file->has($property->value)) {
                $properties[$property->value] = self::value($file, $property);
            }
        }

        return $properties;
    }

    public static function count(Fields $file): ?int
    {
        return $file->has('count') ? $file->integer('count', 1, 500) : null;
    }

    private static function value(Fields $file, Property $property): Toleranced|LengthChange|ConductorSize|Torque|float|bool|string
    {
        $key = $property->value;

        return match ($property->type()) {
            PropertyType::Length => $file->parsed($key, Toleranced::parse(...), Toleranced::exact(Length::ofMillimetres(1))),
            PropertyType::Change => self::change($file, $key),
            PropertyType::Area => $file->parsed($key, ConductorSize::parse(...), ConductorSize::ofSquareMillimetres(1)),
            PropertyType::Torque => $file->parsed($key, Torque::parse(...), Torque::standIn()),
            PropertyType::Number => Property::Row === $property ? (float) $file->integer($key, 1, 40) : $file->number($key, 0.01, 10_000),
            PropertyType::Flag => $file->flag($key),
            PropertyType::Text => $file->text($key, 80),
        };
    }

    private static function change(Fields $file, string $key): LengthChange
    {
        return Fields::got($file->object($key, static fn (Fields $change): LengthChange => new LengthChange(
            $change->number('percent', -60, 60), $change->has('below') ? $change->number('below', 0, 60) : 0.0,
            $change->has('above') ? $change->number('above', 0, 60) : 0.0,
        )));
    }

    /** @return array<string, mixed> */
    public static function write(Stock $stock): array
    {
        return [
            'key' => $stock->key, 'name' => $stock->name, 'kind' => $stock->kind->value,
            ...(null === $stock->count ? [] : ['count' => $stock->count]), ...self::writeProperties($stock->properties()),
        ];
    }

    /**
     * What a size has otherwise than the sheet.
     *
     * @return array<string, mixed>
     */
    public static function writeSize(Stock $ofSize, Stock $ofSheet): array
    {
        $before = self::writeProperties($ofSheet->properties());
        $differing = array_filter(
            self::writeProperties($ofSize->properties()),
            static fn (mixed $value, string $key): bool => $value !== ($before[$key] ?? null), \ARRAY_FILTER_USE_BOTH,
        );

        return [...($ofSize->count === $ofSheet->count ? [] : ['count' => $ofSize->count]), ...$differing];
    }

    /**
     * @param array<string, Value> $properties
     *
     * @return array<string, mixed>
     */
    private static function writeProperties(array $properties): array
    {
        return array_map(static fn (Toleranced|LengthChange|ConductorSize|Torque|float|bool|string $value): mixed => match (true) {
            $value instanceof ConductorSize => $value->label,
            $value instanceof Torque => $value->toText(),
            $value instanceof Toleranced => $value->toText(),
            $value instanceof LengthChange => ['percent' => $value->percent, 'below' => $value->below, 'above' => $value->above],
            \is_float($value) && floor($value) === $value => (int) $value,
            default => $value,
        }, $properties);
    }
}
