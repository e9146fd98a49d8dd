<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** Who may write an entry. */
enum Writer: string
{
    /** Whoever builds. */
    case Jointer = 'jointer';
    /** Whoever answers for letting something stand. */
    case Engineer = 'engineer';
    /** Whoever the job is given to, whatever they are. */
    case Crew = 'crew';
    /** Nobody by hand: it follows from another deed. */
    case Server = 'server';
}
