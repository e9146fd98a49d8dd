<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Many cable types in one JSON file: {"cables": [...]}. */
final class CableListFile
{
    private const MOST = 5000;

    public static function read(string $text): CableImport
    {
        try {
            $json = json_decode($text, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            return CableImport::unreadable(\sprintf('is not JSON (%s).', lcfirst($error->getMessage())));
        }
        $list = \is_array($json) ? $json['cables'] ?? [$json] : null;
        if (!\is_array($list) || !array_is_list($list) || \count($list) > self::MOST) {
            return CableImport::unreadable(\sprintf(
                'is not a list of cable types: send {"cables": [...]} with at most %d of them.', self::MOST,
            ));
        }
        [$cables, $problems] = [[], []];
        foreach ($list as $i => $one) {
            try {
                $cables[] = Fields::read($one, CableTypeFile::read(...));
            } catch (BadDocument $error) {
                array_push(
                    $problems,
                    ...array_map(
                        static fn (Problem $problem): ImportProblem => new ImportProblem($i + 1, $problem->path, $problem->message),
                        $error->problems,
                    ),
                );
            }
        }

        return new CableImport($cables, $problems, []);
    }
}
