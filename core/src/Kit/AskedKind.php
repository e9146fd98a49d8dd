<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** What a sheet asks of a job. */
enum AskedKind: string
{
    /** Which end has a part to play: the long side, the paper side. */
    case Role = 'role';
    /** One of several ways to build it: an earth led out at end A, at end B, or not at all. */
    case Choice = 'choice';
    /** A length that the place gives: how far a core must reach. */
    case Length = 'length';
}
