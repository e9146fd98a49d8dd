<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Days as open files have them: "2027-06-30". */
final class DayFile
{
    /** Null where it is left out. */
    public static function read(Fields $file, string $key): ?\DateTimeImmutable
    {
        if (!$file->has($key)) {
            return null;
        }
        $text = $file->text($key, 10);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text, new \DateTimeZone('UTC'));
        if (false === $day || $day->format('Y-m-d') !== $text) {
            $file->problem($key, 'must be a day such as 2027-06-30.');

            return null;
        }

        return $day;
    }

    /** @return array<string, string> nothing where it is not known */
    public static function write(string $key, ?\DateTimeImmutable $day): array
    {
        return null === $day ? [] : [$key => $day->format('Y-m-d')];
    }
}
