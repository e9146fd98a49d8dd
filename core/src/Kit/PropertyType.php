<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

enum PropertyType
{
    case Length;
    case Area;
    case Number;
    case Flag;
    case Text;
    case Torque;
    case Change;
}
