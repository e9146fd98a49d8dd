<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** Whom something waits for. */
enum WaitsFor: string
{
    case Engineer = 'engineer';
    case Jointer = 'jointer';
    case Storekeeper = 'storekeeper';
}
