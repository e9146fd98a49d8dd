<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** A reading in the wrong unit: inches typed as millimetres, or the reverse. */
final class UnitSlip
{
    /** The length it would be in the other unit, when only that lies in the window. */
    public static function mended(Length $value, Range $window): ?Length
    {
        if ($window->contains($value)) {
            return null;
        }
        $asInches = Length::ofNanometres(Rounding::Nearest->divide($value->nanometres * 254, 10));
        $asMillimetres = Length::ofNanometres(Rounding::Nearest->divide($value->nanometres * 10, 254));

        return match (true) {
            $window->contains($asInches) => $asInches,
            $window->contains($asMillimetres) => $asMillimetres,
            default => null,
        };
    }
}
