<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;

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
        $design = $cable->construction->design;
        $inner = $cable->diameterOver(LayerKind::ConductorScreen) ?? $cable->diameterOver(LayerKind::Conductor);
        $outer = $cable->diameterOver(LayerKind::Insulation);
        if (null === $inner || null === $outer || $design->isBelted() || !$inner->isLessThan($outer)) {
            return null;
        }
        [$from, $to] = [$inner->inMillimetres() / 2, $outer->inMillimetres() / 2];
        $field = Field::between($from, $to, Core::permittivity($design->insulation));
        $voltage = self::highestToEarth($cable);

        return new self($voltage, $field->at($from, $voltage), $field->at($to, $voltage));
    }

    /** Um / √3, kV rms. */
    public static function highestToEarth(CableEnd $cable): float
    {
        return $cable->construction->design->voltage->highestVolts / 1000 / sqrt(3);
    }
}
