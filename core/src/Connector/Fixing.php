<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

enum Fixing: string
{
    case Crimp = 'crimp';
    case ShearBolt = 'shear-bolt';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
