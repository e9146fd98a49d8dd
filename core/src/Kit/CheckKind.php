<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** How a check is answered. */
enum CheckKind: string
{
    /** Yes, or it is out. */
    case Seen = 'seen';
    /** A length, read with an instrument. */
    case Length = 'length';
    case Count = 'count';
    case Torque = 'torque';
    /** The time since another stage was finished, taken from the log. */
    case Wait = 'wait';
    /** What is printed somewhere: a batch, a number. */
    case Note = 'note';
}
