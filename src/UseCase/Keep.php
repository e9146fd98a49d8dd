<?php

declare(strict_types=1);

namespace App\UseCase;

/** What to store of a file. */
enum Keep: string
{
    case Nothing = 'nothing';
    case Good = 'good';
    case All = 'all';
}
