<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Revision;

final class SheetNotFound extends \RuntimeException
{
    public static function skeleton(string $id): self
    {
        return new self(\sprintf('There is no kind of accessory "%s": choose one from the list.', $id));
    }

    public static function revision(string $what, Revision $revision): self
    {
        return new self(\sprintf('There is no %s "%s" revision %d: choose one from the list.', $what, $revision->id, $revision->number));
    }
}
