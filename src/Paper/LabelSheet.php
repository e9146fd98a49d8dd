<?php

declare(strict_types=1);

namespace App\Paper;

/** How labels lie on the sheets that stationers have: three across. Sizes in mm; common practice of office labels. */
final readonly class LabelSheet
{
    private function __construct(
        public int $rows, public float $width, public float $height, public float $left, public float $top, public float $between,
    ) {
    }

    public static function of(PaperSize $size): self
    {
        return PaperSize::A4 === $size ? new self(8, 70.0, 37.125, 0.0, 0.0, 0.0) : new self(10, 66.675, 25.4, 4.7625, 12.7, 3.175);
    }

    public function places(): int
    {
        return 3 * $this->rows;
    }

    /** @return array{float, float} the corner of a place, from 0 */
    public function corner(int $place): array
    {
        return [$this->left + ($place % 3) * ($this->width + $this->between), $this->top + intdiv($place, 3) * $this->height];
    }
}
