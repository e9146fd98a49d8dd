<?php

declare(strict_types=1);

namespace Berm\Core\Build;

enum TaskKind: string
{
    case Park = 'park';
    case Cut = 'cut';
    /** Something is brought to its place, set, taken off or used. */
    case Work = 'work';
    case Connector = 'connector';
    case Check = 'check';
    case Finish = 'finish';
    case Release = 'release';
}
