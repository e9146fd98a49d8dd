<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** The date of manufacture as it is printed: a day, or a month alone. */
final readonly class Made implements Answer
{
    private function __construct(
        public string $text,
        /** The first day it can have been made on, as 2026-03-01. */
        public string $first,
    ) {
    }

    /** Null where it is no day and no month: "2026-03-14", "2026-03" and "03/2026" are. */
    public static function parse(string $text): ?self
    {
        $plain = trim($text);
        $parts = match (true) {
            1 === preg_match(
                '/\A(\d{4})-(\d{1,2})(?:-(\d{1,2}))?\z/', $plain, $match,
            ) => [(int) $match[1], (int) $match[2], (int) ($match[3] ?? 1)],
            1 === preg_match('/\A(\d{1,2})\/(\d{4})\z/', $plain, $match) => [(int) $match[2], (int) $match[1], 1],
            default => null,
        };

        return null === $parts || $parts[0] < 1950 || !checkdate($parts[1], $parts[2], $parts[0])
            ? null
            : new self($plain, \sprintf('%04d-%02d-%02d', ...$parts));
    }

    public static function read(Fields $file): self
    {
        $key = CheckKind::Age->field();
        $made = self::parse($file->text($key, 20));
        if (null === $made) {
            $file->problem($key, 'is no date: write it as 2026-03-14, or 2026-03 where the label has no day.');
        }

        return Fields::got($made);
    }

    /** The same day so many months later, as 2028-03-01. */
    public function monthsOn(int $months): string
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->first));
        $all = 12 * $year + $month - 1 + $months;

        return \sprintf('%04d-%02d-%02d', intdiv($all, 12), $all % 12 + 1, $day);
    }

    public function inWords(): string
    {
        return $this->text;
    }

    public function write(): array
    {
        return [CheckKind::Age->field() => $this->text];
    }
}
