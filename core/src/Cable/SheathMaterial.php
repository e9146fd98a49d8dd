<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

enum SheathMaterial: string
{
    case Pvc = 'pvc';
    case Pe = 'pe';
}
