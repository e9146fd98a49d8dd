<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

final readonly class Conductor
{
    public function __construct(public ConductorMaterial $material, public ConductorShape $shape, public ConductorSize $size)
    {
    }
}
