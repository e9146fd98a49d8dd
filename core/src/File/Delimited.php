<?php

declare(strict_types=1);

namespace Berm\Core\File;

/**
 * Rows of delimited text: comma, semicolon or tab, as its first line has them; cells in quotes may hold any of them and line ends.
 *
 * @internal
 */
final class Delimited
{
    /**
     * An inch mark inside a cell is only a mark: quotes hold a cell together where they begin it.
     *
     * @return array<int, list<string>> by the number of the row as a spreadsheet counts it; empty rows left out
     */
    public static function rows(string $text): array
    {
        $plain = strtr(str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text, ["\r\n" => "\n", "\r" => "\n"]);
        $table = self::inMemory($plain);
        $separator = self::separator(explode("\n", ltrim($plain, "\n"), 2)[0]);
        $rows = [];
        for ($number = 1; \is_array($cells = $table->fgetcsv($separator, '"', '')); ++$number) {
            $row = array_map(static fn (?string $cell): string => self::unguarded(trim((string) $cell)), $cells);
            if ('' !== implode('', $row)) {
                $rows[$number] = $row;
            }
        }

        return $rows;
    }

    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    private static function cell(string $text): string
    {
        // What begins like a formula would be run by a spreadsheet: a mark before it makes it a text.
        $cell = 1 === preg_match('/\A[=+@\t\r-]/', $text) ? "'$text" : $text;

        return 1 === preg_match('/[",;\r\n\t]/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }

    private static function unguarded(string $cell): string
    {
        return 1 === preg_match("/\A'[=+@-]/", $cell) ? substr($cell, 1) : $cell;
    }

    private static function inMemory(string $text): \SplTempFileObject
    {
        $table = new \SplTempFileObject(-1);
        $table->fwrite($text);
        $table->rewind();

        return $table;
    }

    private static function separator(string $heading): string
    {
        $counts = [',' => substr_count($heading, ','), ';' => substr_count($heading, ';'), "\t" => substr_count($heading, "\t")];
        arsort($counts);

        return array_key_first($counts);
    }
}
