<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\Condition;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\Seen;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Quantity\Reading;

/** What was found at one cable end, as the fields of that end (docs/formats/job.md). */
final class AsFoundFile
{
    private const READINGS_MOST = 24;

    public static function read(Fields $file): AsFound
    {
        $readings = $file->has('readings') ? $file->object('readings', self::readings(...)) : [];
        $walls = $file->has('walls') ? $file->list('walls', ReadingFile::readPositive(...), self::READINGS_MOST) : [];
        $conditions = $file->has('conditions') ? $file->object('conditions', self::conditions(...)) : [];
        $surface = TemperatureFile::read($file, 'surface');
        $slack = $file->optionalObject('slack', ReadingFile::read(...));
        $position = $file->optionalText('position', 200);
        $seen = $file->has('seen') ? $file->object('seen', self::seen(...)) : Seen::nothing();

        return AsFound::sheet(Fields::got($readings), $walls, Fields::got($conditions), $surface, $slack, $position, Fields::got($seen));
    }

    /** @return array<string, mixed> */
    public static function write(AsFound $asFound): array
    {
        return [
            'readings' => (object) array_map(
                static fn (array $readings): array => array_map(ReadingFile::write(...), $readings), $asFound->readings,
            ),
            ...([] === $asFound->walls ? [] : ['walls' => array_map(ReadingFile::write(...), $asFound->walls)]),
            ...([] === $asFound->conditions ? [] : ['conditions' => array_map(
                static fn (bool $isSo): string => $isSo ? 'yes' : 'no', $asFound->conditions,
            )]),
            ...(null === $asFound->surface ? [] : ['surface' => $asFound->surface->text]),
            ...(null === $asFound->slack ? [] : ['slack' => ReadingFile::write($asFound->slack)]),
            ...('' === $asFound->position ? [] : ['position' => $asFound->position]),
            ...($asFound->seen->isEmpty() ? [] : ['seen' => self::writeSeen($asFound->seen)]),
        ];
    }

    /** @return array<string, list<Reading>> */
    private static function readings(Fields $file): array
    {
        $readings = [];
        foreach (LayerKind::cases() as $layer) {
            if ($layer->isMeasurable() && $file->has($layer->value)) {
                $readings[$layer->value] = $file->list($layer->value, ReadingFile::readPositive(...), self::READINGS_MOST);
            }
        }

        // Held together here, so that readings that contradict each other are named by their own place.
        AsFound::of($readings);

        return $readings;
    }

    /** @return array<string, bool> */
    private static function conditions(Fields $file): array
    {
        $conditions = [];
        foreach (Condition::cases() as $condition) {
            if ($file->has($condition->value)) {
                $conditions[$condition->value] = Answer::Yes === $file->choice($condition->value, Answer::class);
            }
        }

        return $conditions;
    }

    private static function seen(Fields $file): Seen
    {
        return new Seen(
            $file->has('cores') ? Cores::from($file->oneOf('cores', [1, 3])) : null,
            $file->has('sector') ? $file->flag('sector') : null,
            $file->has('material') ? $file->choice('material', ConductorMaterial::class) : null,
            $file->has('stranded') ? $file->flag('stranded') : null,
            $file->has('insulation') ? $file->choice('insulation', InsulationMaterial::class) : null,
            $file->has('screen') ? $file->choice('screen', MetallicScreen::class) : null,
            $file->has('wireCount') ? $file->integer('wireCount', 1, 200) : null,
            $file->optionalObject('wireDiameter', ReadingFile::readPositive(...)),
            $file->has('armour') ? $file->choice('armour', Armour::class) : null,
        );
    }

    /** @return array<string, mixed> */
    private static function writeSeen(Seen $seen): array
    {
        return array_filter([
            'cores' => $seen->cores?->value,
            'sector' => $seen->isSector,
            'material' => $seen->material?->value,
            'stranded' => $seen->isStranded,
            'insulation' => $seen->insulation?->value,
            'screen' => $seen->screen?->value,
            'wireCount' => $seen->wireCount,
            'wireDiameter' => null === $seen->wireDiameter ? null : ReadingFile::write($seen->wireDiameter),
            'armour' => $seen->armour?->value,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
