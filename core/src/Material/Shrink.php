<?php

declare(strict_types=1);

namespace Berm\Core\Material;

/** What a heat-shrink tube becomes over what lies beneath it; diameters and walls in mm. */
final class Shrink
{
    /**
     * Outside, over what is $beneath mm across: the recovered cross-section stays what it is.
     *
     * Source: textbook, area of the annulus: pi tr (dr + tr). A tube over less than its recovered bore hangs loose: its bore stays.
     */
    public static function outside(float $beneath, float $recoveredBore, float $recoveredWall): float
    {
        $inside = max($beneath, $recoveredBore);

        return sqrt($inside ** 2 + 4 * $recoveredWall * ($recoveredBore + $recoveredWall));
    }
}
