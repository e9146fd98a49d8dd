<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

enum TemperatureUnit: string
{
    case Celsius = 'C';
    case Fahrenheit = 'F';
}
