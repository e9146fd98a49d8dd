<?php

declare(strict_types=1);

namespace Berm\Core\Material;

/**
 * A mastic, tape or mesh as it is wound: lengths in mm.
 *
 * Source: textbook geometry of an incompressible strip: drawn to the part r of its width it is r as thick and 1/r² as long.
 */
final readonly class Strip
{
    public function __construct(
        /** As supplied. */
        public float $width,
        /** As supplied. */
        public float $thickness,
        /** Width under tension as a part of the width as supplied; 1 is not stretched. */
        public float $ratio,
        public Manner $manner,
        /** Part of its width that a turn lies on the one before, of a helix; 0 is edge to edge. */
        public float $lap,
    ) {
    }

    /** As it lies. */
    public function widthOn(): float
    {
        return $this->width * $this->ratio;
    }

    public function thicknessOn(): float
    {
        return $this->thickness * $this->ratio;
    }

    /** What one pass, or one turn of a roll, adds to the diameter. */
    public function perPass(): float
    {
        return 2 * $this->thicknessOn() * $this->layers();
    }

    /** Whole passes, or turns of a roll, to come to a diameter; 0 where it is reached already. */
    public function passesTo(float $diameter, float $beneath): int
    {
        // A thousandth of a layer is no reason for another pass.
        return (int) max(0, ceil(($diameter - $beneath) / $this->perPass() - 1e-3));
    }

    public function outside(float $beneath, float $passes): float
    {
        return $beneath + $passes * $this->perPass();
    }

    /** Turns of so many passes over a length; of a roll, a pass is a turn. */
    public function turns(float $passes, float $length): float
    {
        return Manner::Roll === $this->manner ? $passes : $passes * $length * $this->layers() / $this->widthOn();
    }

    /** As supplied, for so many passes over a length that is $beneath mm across: each turn round the middle of its own pass. */
    public function supplied(float $beneath, float $passes, float $length): float
    {
        return \M_PI * $this->turns($passes, $length) * ($beneath + $passes * $this->perPass() / 2) * $this->ratio ** 2;
    }

    /** Layers upon each other in one pass, on average. */
    private function layers(): float
    {
        return Manner::Roll === $this->manner ? 1.0 : 1 / (1 - $this->lap);
    }
}
