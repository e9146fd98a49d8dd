<?php

declare(strict_types=1);

namespace Berm\Core\Site;

use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\Verdict;

/** Will water condense on the opened cable? */
final class Sweating
{
    /** The surface must be this much warmer than the dew point. Source: ISO 8502-4, as quoted in practice. */
    public const MARGIN = 3.0;
    /** Of a thermometer and a hygrometer together, in K. Source: common practice, ± 0.5 K and ± 5 % relative humidity. */
    public const UNCERTAINTY = 1.0;

    /** How far the surface lies above what it needs, in K; null while something is not read. */
    public static function margin(Weather $weather, ?Temperature $surface): ?float
    {
        $dewPoint = $weather->dewPoint();

        return null === $dewPoint || null === $surface ? null : $surface->celsius - $dewPoint - self::MARGIN;
    }

    public static function verdict(float $margin): Verdict
    {
        return match (true) {
            $margin < 0 => Verdict::Out,
            $margin < self::UNCERTAINTY => Verdict::NotProved,
            default => Verdict::Inside,
        };
    }
}
