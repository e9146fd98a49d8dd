<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Tool\Tool;

/** A press or a wrench is used on this job, as it was recorded on that day. */
final readonly class ToolTaken implements Event
{
    public function __construct(public Tool $tool)
    {
    }
}
