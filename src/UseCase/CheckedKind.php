<?php

declare(strict_types=1);

namespace App\UseCase;

/** What is written by one person, used at once, and looked at by another. Kit sheets are released instead. */
enum CheckedKind: string
{
    case Cable = 'cable';
    case Connector = 'connector';
}
