<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

final class SheetExists extends \RuntimeException
{
    public static function revision(Revision $revision): self
    {
        return new self(\sprintf(
            '"%s" revision %d is kept already and never changes: give the next revision number.', $revision->id, $revision->number,
        ));
    }
}
