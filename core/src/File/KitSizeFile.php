<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Kit\Doubt;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\SizeTakes;
use Berm\Core\Kit\Stock;
use Berm\Core\Quantity\Length;
use Berm\Core\Stores\Gtin;

/** The sizes of a kit in its open file. @internal */
final class KitSizeFile
{
    /**
     * @param array<string, Stock> $stock by key, as the sheet has it for every size
     */
    public static function read(Fields $file, array $stock, bool $isFirstEdition): KitSize
    {
        $label = $file->text('label', 40);
        $voltage = $file->has('ratedVoltage') ? $file->parsed(
            'ratedVoltage', RatedVoltage::parse(...), RatedVoltage::parse('6.35/11 (12) kV'),
        ) : null;
        $gtin = $file->has('gtin') ? $file->parsed('gtin', Gtin::parse(...), Gtin::parse('09521234543213')) : null;
        $a = self::takes($file);
        $b = $file->optionalObject('endB', self::takes(...));
        $connectorDiameter = $file->object('connectorDiameter', RangeFile::read(...));
        $connectorLength = $file->object('connectorLength', RangeFile::read(...));
        $dimensions = $file->lengths('dimensions');
        $doubts = $isFirstEdition ? [] : self::doubts($file, $dimensions);
        $ofSize = $isFirstEdition ? FirstEdition::inSize($file, $stock) : self::stock($file, $stock);

        return new KitSize(
            $label,
            $voltage,
            $gtin,
            [End::A->value => Fields::got($a), ...(null === $b ? [] : [End::B->value => $b])],
            Fields::got($connectorDiameter),
            Fields::got($connectorLength),
            $dimensions,
            $ofSize,
            $doubts,
        );
    }

    /**
     * @param array<string, Length> $dimensions
     *
     * @return list<Doubt>
     */
    private static function doubts(Fields $file, array $dimensions): array
    {
        return $file->list('contradicted', static function (Fields $one) use ($dimensions): Doubt {
            $name = $one->text('dimension', 41);
            if (!isset($dimensions[$name])) {
                $known = implode(', ', array_keys($dimensions));
                $one->problem('dimension', "is no dimension of this size: use one of $known.");
            }
            $other = $one->length('other');
            if (isset($dimensions[$name]) && $dimensions[$name]->equals($other)) {
                $one->problem('other', 'is the number that the size has: give the other one, or take this out.');
            }

            return new Doubt($name, $other, $one->text('reason', 400));
        }, 20);
    }

    private static function takes(Fields $file): ?SizeTakes
    {
        $conductors = $file->object('conductor', static fn (Fields $conductor): array => [
            RangeFile::readSizes($conductor), $conductor->choices('materials', ConductorMaterial::class),
            $conductor->choices('shapes', ConductorShape::class),
        ]);
        $insulation = $file->object('insulation', RangeFile::read(...));
        $oversheath = $file->object('oversheath', RangeFile::read(...));
        $lead = $file->optionalObject('leadSheath', RangeFile::read(...));

        return null === $conductors || null === $insulation || null === $oversheath ? null : new SizeTakes(
            $conductors[0], $conductors[1], $conductors[2], $insulation, $oversheath, $lead,
        );
    }

    /**
     * @param array<string, Stock> $stock
     *
     * @return array<string, Stock>
     */
    private static function stock(Fields $file, array $stock): array
    {
        $names = implode(', ', array_keys($stock));
        foreach (array_diff($file->keys('stock'), array_map(strval(...), array_keys($stock))) as $unknown) {
            $file->problem('stock.'.$unknown, "is not stock of the sheet: use one of $names, or add it there.");
        }
        $made = $file->table('stock', static fn (Fields $one, string $key): Stock => Fields::got(
            ($stock[$key] ?? null)?->inSize(StockFile::count($one), StockFile::ofAnyKind($one)),
        ));

        return [...$stock, ...$made];
    }

    /**
     * @param array<string, Stock> $stock by key, as the sheet has it for every size
     *
     * @return array<string, mixed>
     */
    public static function write(KitSize $size, array $stock): array
    {
        return [
            ...self::writeTaken($size),
            ...([] === $size->doubts ? [] : ['contradicted' => array_map(static fn (Doubt $doubt): array => [
                'dimension' => $doubt->dimension, 'other' => $doubt->other->toText(), 'reason' => $doubt->reason,
            ], $size->doubts)]),
            'stock' => (object) self::writeStock($size, $stock),
        ];
    }

    /** @return array<string, mixed> all but what it is made of */
    public static function writeTaken(KitSize $size): array
    {
        return [
            'label' => $size->label,
            ...(null === $size->voltage ? [] : ['ratedVoltage' => $size->voltage->label]),
            ...(null === $size->gtin ? [] : ['gtin' => $size->gtin->digits]),
            ...self::writeTakes($size->takes(End::A)),
            ...(isset($size->takes[End::B->value]) ? ['endB' => self::writeTakes($size->takes(End::B))] : []),
            'connectorDiameter' => RangeFile::write($size->connectorDiameter),
            'connectorLength' => RangeFile::write($size->connectorLength),
            'dimensions' => (object) array_map(static fn (Length $length): string => $length->toText(), $size->dimensions),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeTakes(SizeTakes $takes): array
    {
        return [
            'conductor' => self::writeConductors($takes->conductors, $takes),
            'insulation' => RangeFile::write($takes->insulation),
            'oversheath' => RangeFile::write($takes->oversheath),
            ...(null === $takes->leadSheath ? [] : ['leadSheath' => RangeFile::write($takes->leadSheath)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeConductors(SizeRange $range, SizeTakes $takes): array
    {
        return [
            ...RangeFile::writeSizes($range),
            ...([] === $takes->materials ? [] : ['materials' => array_map(
                static fn (ConductorMaterial $material): string => $material->value, $takes->materials,
            )]),
            ...([] === $takes->shapes ? [] : ['shapes' => array_map(
                static fn (ConductorShape $shape): string => $shape->value, $takes->shapes,
            )]),
        ];
    }

    /**
     * @param array<string, Stock> $stock
     *
     * @return array<string, array<string, mixed>> what is the same for every size is left out
     */
    private static function writeStock(KitSize $size, array $stock): array
    {
        $written = [];
        foreach ($size->stock as $key => $one) {
            $differing = StockFile::writeSize($one, $stock[$key]);
            $written = [] === $differing ? $written : [...$written, $key => $differing];
        }

        return $written;
    }
}
