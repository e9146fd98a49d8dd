<?php

declare(strict_types=1);

namespace Berm\Core\Tool;

/** Names of dies are held against each other without minding capitals, commas and spaces. */
final class DieName
{
    public static function areSame(string $one, string $other): bool
    {
        return self::plain($one) === self::plain($other);
    }

    private static function plain(string $name): string
    {
        return mb_strtolower((string) preg_replace('/[\s,]+/u', ' ', trim($name)));
    }
}
