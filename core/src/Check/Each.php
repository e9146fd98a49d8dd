<?php

declare(strict_types=1);

namespace Berm\Core\Check;

/** How often a check is made. */
enum Each: string
{
    case Once = 'once';
    case End = 'end';
    case Core = 'core';
    /** Each core of each end. */
    case CoreOfEnd = 'core-of-end';
}
