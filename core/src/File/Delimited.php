<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Rows of delimited text: comma, semicolon or tab, as its first line has them; cells in quotes may hold any of them and line ends. @internal */
final class Delimited
{
    /** @return list<list<string>> by line, empty lines left out */
    public static function rows(string $text): array
    {
        $lines = self::lines(str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text);
        $separator = self::separator($lines[0] ?? '');

        return array_map(static fn (string $line): array => array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', '')), $lines);
    }

    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(static fn (string $cell): string => 1 === preg_match('/[",;\r\n\t]/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell, $cells))."\r\n";
    }

    /** @return list<string> */
    private static function lines(string $text): array
    {
        $lines = [];
        $open = '';
        foreach (explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"])) as $line) {
            $open .= ('' === $open ? '' : "\n").$line;
            if (0 === substr_count($open, '"') % 2) {
                $lines[] = $open;
                $open = '';
            }
        }
        $lines[] = $open;

        return array_values(array_filter($lines, static fn (string $line): bool => '' !== trim($line)));
    }

    private static function separator(string $heading): string
    {
        $counts = [',' => substr_count($heading, ','), ';' => substr_count($heading, ';'), "\t" => substr_count($heading, "\t")];
        arsort($counts);

        return array_key_first($counts);
    }
}
