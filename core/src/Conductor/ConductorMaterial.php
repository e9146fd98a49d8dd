<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

enum ConductorMaterial: string
{
    case Copper = 'copper';
    case Aluminium = 'aluminium';

    public function symbol(): string
    {
        return match ($this) {
            self::Copper => 'Cu',
            self::Aluminium => 'Al',
        };
    }
}
