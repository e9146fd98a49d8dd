<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Revision;

/** A changed sheet is the next revision, and no other. */
final class NextRevision
{
    /** @throws BadDocument with the number that it should have */
    public static function ensure(Revision $given, ?Revision $newest): void
    {
        $next = 1 + ($newest->number ?? 0);
        if ($given->number !== $next) {
            throw BadDocument::because('revision', \sprintf('is %d: the next revision of this sheet is %d.', $given->number, $next));
        }
    }
}
