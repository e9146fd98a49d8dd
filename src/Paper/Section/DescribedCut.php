<?php

declare(strict_types=1);

namespace App\Paper\Section;

use Berm\Core\Quantity\Length;

/** A cut on the axis: where it is, and where it was to be if it lies otherwise. */
final readonly class DescribedCut
{
    public function __construct(public float $at, public ?float $planned, public Length $fromEnd, public string $standing)
    {
    }
}
