<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\ImportedCables;
use Berm\Core\Cable\Construction;
use Berm\Core\File\ImportProblem;

final class ImportJson
{
    /** @return array<string, mixed> */
    public static function of(ImportedCables $imported): array
    {
        return [
            'read' => self::names($imported->read),
            'added' => self::names($imported->added),
            'known' => self::names($imported->known),
            'problems' => array_map(
                static fn (ImportProblem $problem): array => [
                    'row' => $problem->row, 'column' => $problem->column, 'message' => $problem->message,
                ],
                $imported->import->problems,
            ),
            'skipped' => $imported->import->skipped,
        ];
    }

    /**
     * @param list<Construction> $cables
     *
     * @return list<string>
     */
    private static function names(array $cables): array
    {
        return array_map(static fn (Construction $cable): string => $cable->designation, $cables);
    }
}
