<?php

declare(strict_types=1);

namespace Berm\Core\Build;

enum TaskKind: string
{
    case Park = 'park';
    case Cut = 'cut';
    case Connector = 'connector';
    case Check = 'check';
    case Finish = 'finish';
    case Release = 'release';
}
