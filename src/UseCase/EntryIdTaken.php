<?php

declare(strict_types=1);

namespace App\UseCase;

final class EntryIdTaken extends \RuntimeException
{
    public static function by(string $id): self
    {
        return new self(\sprintf('Another entry already has the id %s, with other contents: send the entry with a new id.', $id));
    }
}
