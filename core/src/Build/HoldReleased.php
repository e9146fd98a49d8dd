<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** An engineer has looked at a hold point and lets the work go on. */
final readonly class HoldReleased implements Event
{
    public function __construct(public string $stage)
    {
    }
}
