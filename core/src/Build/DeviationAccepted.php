<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;

/** An engineer lets a cut that is out stand, and says why. */
final readonly class DeviationAccepted implements Event
{
    public function __construct(public End $end, public Cut $cut, public ?int $core, public string $reason)
    {
    }
}
