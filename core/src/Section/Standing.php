<?php

declare(strict_types=1);

namespace Berm\Core\Section;

enum Standing: string
{
    case Planned = 'planned';
    case Done = 'done';
    case Out = 'out';
}
