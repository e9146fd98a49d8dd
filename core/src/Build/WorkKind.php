<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Kit\StepKind;

/** What is done to a part in a piece of work. */
enum WorkKind: string
{
    case Place = 'place';
    case Set = 'set';
    case Off = 'off';
    case Use = 'use';

    /** Null where a step is written down otherwise: a cut, a check, what is parked. */
    public static function ofStep(StepKind $kind): ?self
    {
        return self::tryFrom($kind->value);
    }
}
