<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** What an obstacle wants. */
enum Severity: string
{
    /** Something is wrong: it must be put right, or accepted by somebody who may. */
    case Stops = 'stops';
    /** Something is not known yet: choose it, or measure it. */
    case Asks = 'asks';
}
