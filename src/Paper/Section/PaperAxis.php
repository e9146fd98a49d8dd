<?php

declare(strict_types=1);

namespace App\Paper\Section;

/** The axis of the section on paper: to scale, from the left edge of the drawing. */
final readonly class PaperAxis
{
    public function __construct(public float $left, public float $perMm, private float $fromMm)
    {
    }

    public function x(float $mm): float
    {
        return $this->left + ($mm - $this->fromMm) * $this->perMm;
    }
}
