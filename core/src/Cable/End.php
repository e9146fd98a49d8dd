<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

/** A joint has two cable ends; a termination has end A only. */
enum End: string
{
    case A = 'A';
    case B = 'B';

    /** Which way along the joint's axis this end lies from the centre. */
    public function direction(): int
    {
        return self::A === $this ? -1 : 1;
    }
}
