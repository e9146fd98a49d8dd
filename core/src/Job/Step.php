<?php

declare(strict_types=1);

namespace Berm\Core\Job;

/** The steps of a job in the order of the work. */
enum Step: string
{
    case Safety = 'safety';
    case Cables = 'cables';
    case Kit = 'kit';
    case Connector = 'connector';
    case MarkOut = 'mark-out';
    case Build = 'build';
    case Record = 'record';
}
