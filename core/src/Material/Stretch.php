<?php

declare(strict_types=1);

namespace Berm\Core\Material;

/** What a cold-shrink body, or a moulded housing that is pushed on, becomes over what lies beneath it; diameters and walls in mm. */
final class Stretch
{
    /**
     * Outside, over what is $beneath mm across.
     *
     * Source: textbook: the rubber's cross-section stays what it is, the length as installed being given by itself. Over less than its
     * relaxed bore it hangs loose: its bore stays.
     */
    public static function outside(float $beneath, float $relaxedBore, float $relaxedWall): float
    {
        $inside = max($beneath, $relaxedBore);

        return sqrt($inside ** 2 + ($relaxedBore + 2 * $relaxedWall) ** 2 - $relaxedBore ** 2);
    }

    /** How far it is stretched on what lies beneath, in percent of its relaxed bore; negative where it hangs loose. */
    public static function percent(float $beneath, float $relaxedBore): float
    {
        return 100 * ($beneath / $relaxedBore - 1);
    }
}
