<?php

declare(strict_types=1);

namespace App\UseCase;

/** Somebody else changed the draft in between: theirs is kept, and yours is still with you. */
final class DraftConflict extends \RuntimeException
{
    public function __construct(public readonly KitDraft $theirs)
    {
        parent::__construct(
            "{$theirs->author} changed this draft while you were writing. Yours was not stored: look at theirs, and put into it what is yours.",
        );
    }
}
