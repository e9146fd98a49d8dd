<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Moments in open files: a date and time with its offset. */
final class MomentFile
{
    public static function read(Fields $file, string $key): \DateTimeImmutable
    {
        $text = $file->text($key, 40);
        foreach (['Y-m-d\TH:i:s.uP', 'Y-m-d\TH:i:s.vP', \DATE_ATOM] as $format) {
            $moment = \DateTimeImmutable::createFromFormat($format, $text);
            if (false !== $moment && false === \DateTimeImmutable::getLastErrors()) {
                return self::ofOurDays($file, $key, $moment);
            }
        }
        $file->problem($key, 'must be a date and time with its offset, such as 2026-03-14T08:30:00+01:00.');
        throw new Skipped();
    }

    /** A year that nobody here works in is a slip. */
    private static function ofOurDays(Fields $file, string $key, \DateTimeImmutable $moment): \DateTimeImmutable
    {
        $year = (int) $moment->format('Y');
        if ($year < 2000 || $year > 2199) {
            $file->problem($key, "is of the year $year: look at the date.");
        }

        return $moment;
    }

    public static function optional(Fields $file, string $key): ?\DateTimeImmutable
    {
        return $file->has($key) ? self::read($file, $key) : null;
    }

    public static function write(\DateTimeImmutable $moment): string
    {
        return $moment->format('Y-m-d\TH:i:s.uP');
    }
}
