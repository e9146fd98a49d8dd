<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Application;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Takes;
use Berm\Core\Kit\Technology;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;

/** What a kit is for, in its open file. @internal */
final class KitApplicationFile
{
    public static function read(Fields $file): Application
    {
        return new Application(
            $file->choice('function', AccessoryFunction::class),
            $file->choice('technology', Technology::class),
            $file->parsed('ratedVoltage', RatedVoltage::parse(...), RatedVoltage::parse('6.35/11 (12) kV')),
            $file->choices('places', Place::class),
            $file->choices('mountings', Mounting::class),
        );
    }

    /** @return non-empty-array<string, Takes> end B has its own only where the other cable is of another kind */
    public static function readTakes(Fields $file): array
    {
        $a = self::takes($file);
        $b = $file->optionalObject('endB', self::takes(...));

        return [End::A->value => $a, ...(null === $b ? [] : [End::B->value => $b])];
    }

    private static function takes(Fields $file): Takes
    {
        $cores = $file->has('cores') ? Cores::from($file->oneOf('cores', [1, 3])) : Cores::One;
        $armours = $file->choices('armours', Armour::class);

        return new Takes(
            $cores,
            self::atLeastOne($file, 'insulations', $file->choices('insulations', InsulationMaterial::class), InsulationMaterial::Xlpe),
            self::atLeastOne(
                $file, 'metallicScreens', $file->choices('metallicScreens', MetallicScreen::class), MetallicScreen::CopperTape,
            ),
            [] === $armours ? [Armour::None] : $armours,
        );
    }

    /**
     * @template T
     *
     * @param list<T> $values
     * @param T       $standIn
     *
     * @return non-empty-list<T>
     */
    private static function atLeastOne(Fields $file, string $key, array $values, mixed $standIn): array
    {
        if ([] === $values) {
            $file->problem($key, 'is empty: list at least one.');
        }

        return [] === $values ? [$standIn] : $values;
    }

    /** @return array<string, mixed> */
    public static function write(KitSheet $sheet): array
    {
        $application = $sheet->application;

        return [
            'function' => $application->function->value,
            'technology' => $application->technology->value,
            'ratedVoltage' => $application->voltage->label,
            ...([] === $application->places ? [] : ['places' => self::values($application->places)]),
            ...([] === $application->mountings ? [] : ['mountings' => self::values($application->mountings)]),
            ...self::writeTakes($sheet->takes(End::A)),
            ...(isset($sheet->takes[End::B->value]) ? ['endB' => self::writeTakes($sheet->takes(End::B))] : []),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeTakes(Takes $takes): array
    {
        return [
            'cores' => $takes->cores->value,
            'insulations' => self::values($takes->insulations),
            'metallicScreens' => self::values($takes->screens),
            ...([Armour::None] === $takes->armours ? [] : ['armours' => self::values($takes->armours)]),
        ];
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return list<int|string>
     */
    private static function values(array $cases): array
    {
        return array_map(static fn (\BackedEnum $case): int|string => $case->value, $cases);
    }
}
