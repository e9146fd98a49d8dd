<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Margin\Cause;
use Berm\Core\Margin\Loss;
use Berm\Core\Margin\Margin;

/** The margin of something that is worked out from diameters by roots: each cause in turn, and all of them together. */
final class RadialMargin
{
    /**
     * What a cause takes is what it takes alone; at the worst all are against it together. Exact, since every one of these functions
     * rises or falls with each dimension.
     *
     * @param list<Cause>           $causes
     * @param \Closure(Turn): float $margin in mm
     */
    public static function of(array $causes, \Closure $margin): Margin
    {
        $nominal = $margin(Turn::atRest());
        $losses = $against = [];
        foreach ($causes as $cause) {
            $id = $cause->id;
            $least = $nominal - $margin(Turn::these([$id => -1]));
            $most = $nominal - $margin(Turn::these([$id => 1]));
            if (max($least, $most) > 0.0) {
                $losses[$id] = new Loss($cause, max($least, $most) * 1e6);
                $against[$id] = $least >= $most ? -1 : 1;
            }
        }

        return Margin::ofLosses($nominal * 1e6, array_values($losses), $margin(Turn::these($against)) * 1e6);
    }
}
