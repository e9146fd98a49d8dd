<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;

/** The field in a shielded stretch, that of a coaxial cylinder; radii in mm, voltages in kV rms to earth, fields in kV/mm rms. */
final readonly class Field
{
    private function __construct(private float $screen, private float $insulation, private float $permittivity)
    {
    }

    /**
     * @param float $screen       radius over the conductor screen
     * @param float $insulation   radius over the insulation
     * @param float $permittivity relative, of the insulation
     */
    public static function between(float $screen, float $insulation, float $permittivity): self
    {
        return new self($screen, $insulation, $permittivity);
    }

    /** Of a core where its own screen lies on it; null where a diameter is not known, or it has no screen of its own. */
    public static function of(CableEnd $cable): ?self
    {
        $design = $cable->construction->design;
        $inner = $cable->diameterOver(LayerKind::ConductorScreen) ?? $cable->diameterOver(LayerKind::Conductor);
        $outer = $cable->diameterOver(LayerKind::Insulation);

        return null === $inner || null === $outer || $design->isBelted() || !$inner->isLessThan($outer)
            ? null
            : self::between($inner->inMillimetres() / 2, $outer->inMillimetres() / 2, Core::permittivity($design->insulation));
    }

    /** U / (r ln(R / r0)). Source: textbook, coaxial cylinder; greatest at the conductor screen. */
    public function at(float $radius, float $voltage): float
    {
        return $voltage / ($radius * log($this->insulation / $this->screen));
    }

    public function atInsulationScreen(float $voltage): float
    {
        return $this->at($this->insulation, $voltage);
    }

    public function atConductorScreen(float $voltage): float
    {
        return $this->at($this->screen, $voltage);
    }

    /**
     * In a ring of air of a height, in mm, on the insulation where its screen ends, with what is earthed over it.
     *
     * Source: textbook, two dielectrics in series. The edge of the screen adds to it: the real field is higher.
     */
    public function inGap(float $height, float $voltage): float
    {
        return $voltage / ($this->insulation * $this->series($height));
    }

    /** The part of the voltage that the gap takes. */
    public function shareOfGap(float $height): float
    {
        return log(($this->insulation + $height) / $this->insulation) / $this->series($height);
    }

    /** The voltage to earth, kV rms, from which such a gap discharges. Real ones do so earlier, at the edge of the screen. */
    public function inception(float $height): float
    {
        return Paschen::breakdown($height) / sqrt(2) / $this->shareOfGap($height);
    }

    private function series(float $height): float
    {
        return log($this->insulation / $this->screen) / $this->permittivity + log(($this->insulation + $height) / $this->insulation);
    }
}
