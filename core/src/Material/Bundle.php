<?php

declare(strict_types=1);

namespace Berm\Core\Material;

/** Cores that lie together. */
final class Bundle
{
    /** What goes round so many cores, each $core across. Source: textbook, circle round touching circles; 1 + 2/√3 for three. */
    public static function diameter(float $core, int $cores): float
    {
        return $core * (3 === $cores ? 1 + 2 / sqrt(3) : 1.0);
    }
}
