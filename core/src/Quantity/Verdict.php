<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** What a reading proves about a limit, by the decision rule of ISO 14253-1. */
enum Verdict: string
{
    /** Inside every limit by at least the uncertainty. */
    case Inside = 'inside';
    /** Inside, but nearer to a limit than the instrument can tell. */
    case NotProved = 'not-proved';
    /** Beyond a limit. */
    case Out = 'out';
}
