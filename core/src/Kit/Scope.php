<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;

/** On what a stage is done, and in which order. */
enum Scope: string
{
    /** Step by step, each on every end and core. */
    case Whole = 'whole';
    /** One end, and then the other. */
    case EndByEnd = 'end-by-end';
    case CoreByCore = 'core-by-core';
    case EndA = 'end-a';
    case EndB = 'end-b';

    public function includes(?End $end): bool
    {
        return match ($this) {
            self::EndA => End::B !== $end,
            self::EndB => End::A !== $end,
            self::Whole, self::EndByEnd, self::CoreByCore => true,
        };
    }
}
