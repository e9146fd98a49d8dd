<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** A joint has two cable ends; a termination has end A only. */
enum End: string
{
    case A = 'A';
    case B = 'B';
}
