<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

/** Which of its arms a length is. */
enum Pick
{
    case Largest;
    case Smallest;
    /** One or another, as a condition has it that can turn out either way; nominally the first. */
    case Either;

    /** What becomes of it when the sign is turned. */
    public function mirrored(): self
    {
        return match ($this) {
            self::Largest => self::Smallest,
            self::Smallest => self::Largest,
            self::Either => self::Either,
        };
    }
}
