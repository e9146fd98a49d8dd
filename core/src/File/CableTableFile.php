<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\LayerKind;

/**
 * Cable types as a table, one a row (docs/formats/cable-table.md): the fields of the JSON form, and a column for the diameter over each
 * layer.
 */
final class CableTableFile
{
    /** Column => path in the JSON form. */
    private const COLUMNS = [
        'id' => 'id', 'revision' => 'revision', 'designation' => 'designation', 'standard' => 'standard', 'ratedVoltage' => 'ratedVoltage',
        'insulationLevel' => 'insulationLevel',
        'cores' => 'cores', 'conductorMaterial' => 'conductor.material', 'conductorShape' => 'conductor.shape',
        'conductorSize' => 'conductor.size', 'insulation' => 'insulation',
        'insulationScreen' => 'insulationScreen', 'metallicScreen' => 'metallicScreen', 'wireCount' => 'screenWires.count',
        'wireDiameter' => 'screenWires.diameter',
        'bedding' => 'bedding', 'armour' => 'armour', 'oversheath' => 'oversheath',
    ];
    private const NEEDED = [
        'id',
        'designation',
        'ratedVoltage',
        'conductorMaterial',
        'conductorShape',
        'conductorSize',
        'insulation',
        'metallicScreen',
        'oversheath',
    ];
    private const WHOLE_NUMBERS = ['revision', 'insulationLevel', 'cores', 'wireCount'];
    /** The diameter over a layer stands in a column of this name and the layer's. */
    private const OVER = 'over-';
    private const ROWS_MOST = 5000;
    /** A cell in quotes may hold a few lines. */
    private const LINES_MOST = 10 * self::ROWS_MOST;
    private const HEADING_LONGEST = 8000;

    public static function read(string $text): CableImport
    {
        // Before anything is taken apart.
        if (substr_count($text, "\n") + substr_count($text, "\r") > 2 * self::LINES_MOST) {
            return CableImport::unreadable(\sprintf('has more than %d rows: split it.', self::ROWS_MOST));
        }
        $heading = strtok(substr(ltrim($text, "\u{FEFF}\r\n"), 0, self::HEADING_LONGEST + 1), "\r\n");
        if (\strlen((string) $heading) > self::HEADING_LONGEST) {
            return CableImport::unreadable(
                \sprintf('has a first line of more than %d signs, which names no columns.', self::HEADING_LONGEST),
            );
        }
        $rows = mb_check_encoding($text, 'UTF-8') ? Delimited::rows($text) : [];
        if ([] === $rows) {
            return CableImport::unreadable(
                'is not a table: send UTF-8 text whose first line names the columns, such as '.implode(', ', self::NEEDED).'.',
            );
        }
        $first = array_key_first($rows);
        $heading = $rows[$first];
        unset($rows[$first]);
        $problems = self::headingProblems($heading, $first);
        if (\count($rows) > self::ROWS_MOST) {
            return CableImport::unreadable(\sprintf('has more than %d rows: split it.', self::ROWS_MOST));
        }
        if ([] !== $problems) {
            return new CableImport([], $problems, []);
        }

        return self::readRows($heading, $rows);
    }

    /** @param iterable<Construction> $cables */
    public static function write(iterable $cables): string
    {
        $text = Delimited::line([
            ...array_keys(self::COLUMNS), ...array_map(static fn (LayerKind $kind): string => self::OVER.$kind->value, LayerKind::cases()),
        ]);
        foreach ($cables as $cable) {
            $json = CableTypeFile::write($cable);
            $cells = array_map(static fn (string $path): string => self::at($json, $path), array_values(self::COLUMNS));
            $text .= Delimited::line([
                ...$cells,
                ...array_map(static fn (LayerKind $kind): string => $cable->diameterOver($kind)?->toText() ?? '', LayerKind::cases()),
            ]);
        }

        return $text;
    }

    /**
     * @param list<string> $heading
     *
     * @return list<ImportProblem>
     */
    private static function headingProblems(array $heading, int $number): array
    {
        $known = [
            ...array_keys(self::COLUMNS), ...array_map(static fn (LayerKind $kind): string => self::OVER.$kind->value, LayerKind::cases()),
        ];
        $unknown = array_map(
            static fn (string $column): ImportProblem => new ImportProblem(
                $number, $column, 'is not a column known here: name it '.self::nearest($column, $known).', or take it out.',
            ),
            array_diff($heading, $known),
        );
        $missing = array_map(
            static fn (string $column): ImportProblem => new ImportProblem($number, $column, 'is missing: add this column.'),
            array_diff(self::NEEDED, $heading),
        );
        $twice = array_map(
            static fn (string $column): ImportProblem => new ImportProblem($number, $column, 'stands twice: keep one of them.'),
            array_unique(array_diff_assoc($heading, array_unique($heading))),
        );

        return [...array_values($unknown), ...array_values($missing), ...array_values($twice)];
    }

    /** @param non-empty-list<string> $known */
    private static function nearest(string $column, array $known): string
    {
        usort(
            $known,
            static fn (string $one, string $other): int => levenshtein(strtolower($column), strtolower($one)) <=> levenshtein(
                strtolower($column), strtolower($other),
            ),
        );

        return $known[0];
    }

    /**
     * @param list<string>             $heading
     * @param array<int, list<string>> $rows    by their number
     */
    private static function readRows(array $heading, array $rows): CableImport
    {
        [$cables, $problems] = [[], []];
        foreach ($rows as $number => $cells) {
            if (\count($cells) !== \count($heading)) {
                $problems[] = new ImportProblem(
                    $number,
                    '',
                    \sprintf(
                        'has %d cells where the heading has %d columns: put a cell with a comma in quotes.',
                        \count($cells),
                        \count($heading),
                    ),
                );
                continue;
            }
            $row = array_combine($heading, $cells);
            try {
                $cables[] = Fields::read(self::json($row), CableTypeFile::read(...));
            } catch (BadDocument $error) {
                foreach ($error->problems as $problem) {
                    $problems[] = new ImportProblem($number, self::column($problem->path, $row), $problem->message);
                }
            }
        }

        return new CableImport($cables, $problems, []);
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, mixed>
     */
    private static function json(array $row): array
    {
        $json = ['revision' => 1];
        foreach (self::COLUMNS as $column => $path) {
            $cell = $row[$column] ?? '';
            if ('' !== $cell) {
                $json = self::put($json, $path, \in_array($column, self::WHOLE_NUMBERS, true) && ctype_digit($cell) ? (int) $cell : $cell);
            }
        }

        return [
            ...$json,
            'layers' => array_map(
                static fn (string $layer): array => ['layer' => $layer, 'diameter' => $row[self::OVER.$layer], 'source' => 'table'],
                self::layersOf($row),
            ),
        ];
    }

    /**
     * @param array<string, string> $row
     *
     * @return list<string> those that have a cell
     */
    private static function layersOf(array $row): array
    {
        return array_values(array_filter(
            array_map(static fn (LayerKind $kind): string => $kind->value, LayerKind::cases()),
            static fn (string $layer): bool => '' !== ($row[self::OVER.$layer] ?? ''),
        ));
    }

    /** @param array<string, string> $row */
    private static function column(string $path, array $row): string
    {
        if (1 === preg_match('/\Alayers\[(\d+)\]/', $path, $parts)) {
            return self::OVER.(self::layersOf($row)[(int) $parts[1]] ?? '');
        }
        $column = array_search($path, self::COLUMNS, true);

        return \is_string($column) ? $column : $path;
    }

    /**
     * @param array<string, mixed> $json
     *
     * @return array<string, mixed>
     */
    private static function put(array $json, string $path, int|string $value): array
    {
        [$key, $inner] = [...explode('.', $path, 2), null];
        if (null === $inner) {
            return [...$json, $key => $value];
        }
        $object = $json[$key] ?? [];

        return [...$json, $key => [...(\is_array($object) ? $object : []), $inner => $value]];
    }

    /** @param array<string, mixed> $json */
    private static function at(array $json, string $path): string
    {
        $place = $json;
        foreach (explode('.', $path) as $key) {
            $place = \is_array($place) ? $place[$key] ?? '' : '';
        }

        return \is_scalar($place) ? (string) $place : '';
    }
}
