<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\CableEnd;

/**
 * The field in the insulation of a core where its own screen lies on it: that of a coaxial cylinder, at the highest voltage to earth,
 * Um / √3. Beyond the screen's edge the field is not radial, and is not worked out.
 */
final readonly class ScreenedField
{
    private function __construct(
        /** To earth, kV rms. */
        public float $voltage,
        /** At the conductor screen, kV/mm rms: the greatest. */
        public float $inside,
        /** Beneath the insulation screen, kV/mm rms. */
        public float $outside,
    ) {
    }

    /** Null where a diameter is not known, or the core has no screen of its own. */
    public static function of(CableEnd $cable): ?self
    {
        $field = Field::of($cable);
        $voltage = self::highestToEarth($cable);

        return null === $field ? null : new self($voltage, $field->atConductorScreen($voltage), $field->atInsulationScreen($voltage));
    }

    /** Um / √3, kV rms. */
    public static function highestToEarth(CableEnd $cable): float
    {
        return $cable->construction->design->voltage->highestVolts / 1000 / sqrt(3);
    }
}
