<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Kit\RuleKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Place\Place;
use Berm\Core\Section\RulingPlace;

/** Places on a job, in open files. */
final class PlaceFile
{
    public static function readMark(Fields $file): MarkPlace
    {
        return MarkPlace::of($file->choice('end', End::class), $file->choice('cut', Cut::class), self::core($file));
    }

    /** @return array<string, int|string> */
    public static function writeMark(MarkPlace $place): array
    {
        return ['end' => $place->end->value, 'cut' => $place->cut->value, ...self::writeCore($place->core)];
    }

    public static function readCheck(Fields $file): CheckPlace
    {
        return CheckPlace::of(
            $file->text('stage', 40), $file->text('check', 40), self::where($file),
            $file->has('number') ? $file->integer('number', 1, 40) : null,
        );
    }

    /** @return array<string, int|string> */
    public static function writeCheck(CheckPlace $place): array
    {
        return [
            'stage' => $place->stage, 'check' => $place->check, ...self::writeWhere($place->where),
            ...(null === $place->number ? [] : ['number' => $place->number]),
        ];
    }

    public static function readWork(Fields $file): WorkPlace
    {
        return WorkPlace::of(
            $file->text('stage', 40), $file->choice('how', WorkKind::class), $file->text('part', 40), self::where($file),
        );
    }

    /** @return array<string, int|string> */
    public static function writeWork(WorkPlace $place): array
    {
        return [
            'stage' => $place->stage, 'how' => $place->how->value, 'part' => $place->part, ...self::writeWhere($place->where),
        ];
    }

    public static function readRuling(Fields $file): RulingPlace
    {
        return RulingPlace::of(
            $file->text('part', 40), $file->choice('rule', RuleKind::class), $file->has('of') ? Place::named($file->text('of', 40)) : null,
            self::where($file),
        );
    }

    /** @return array<string, int|string> */
    public static function writeRuling(RulingPlace $place): array
    {
        return [
            'part' => $place->item, 'rule' => $place->rule->value, ...(null === $place->of ? [] : ['of' => $place->of->key]),
            ...self::writeWhere($place->where),
        ];
    }

    private static function where(Fields $file): Where
    {
        return Where::of($file->has('end') ? $file->choice('end', End::class) : null, self::core($file));
    }

    /** @return array<string, int|string> */
    public static function writeWhere(Where $where): array
    {
        return [...(null === $where->end ? [] : ['end' => $where->end->value]), ...self::writeCore($where->core)];
    }

    private static function core(Fields $file): ?int
    {
        return $file->has('core') ? $file->oneOf('core', [1, 2, 3]) : null;
    }

    /** @return array<string, int> */
    private static function writeCore(?int $core): array
    {
        return null === $core ? [] : ['core' => $core];
    }
}
