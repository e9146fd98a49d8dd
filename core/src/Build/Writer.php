<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** Who may write an entry. */
enum Writer
{
    /** Whoever builds. */
    case Jointer;
    /** Whoever answers for letting something stand. */
    case Engineer;
    /** Nobody by hand: it follows from another deed. */
    case Server;
}
