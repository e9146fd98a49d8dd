<?php

declare(strict_types=1);

namespace Berm\Core\Tool;

/** A tool whose setting is proved by its calibration, not by the work. */
enum ToolKind: string
{
    case CrimpPress = 'crimp-press';
    case TorqueWrench = 'torque-wrench';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
