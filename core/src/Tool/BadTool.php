<?php

declare(strict_types=1);

namespace Berm\Core\Tool;

use Berm\Core\CoreError;

final class BadTool extends \InvalidArgumentException implements CoreError
{
    public static function noDies(): self
    {
        return new self('a crimp press has at least one die: name each as the connector’s sheet does');
    }

    public static function noTorque(): self
    {
        return new self('a torque wrench has a least and a greatest torque, the least first');
    }
}
