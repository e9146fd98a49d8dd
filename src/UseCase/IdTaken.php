<?php

declare(strict_types=1);

namespace App\UseCase;

/** What was sent has the id of something else that is there already. */
final class IdTaken extends \RuntimeException
{
    public static function by(string $what, string $id): self
    {
        return new self(\sprintf('Another %s already has the id %s: send this one with a new id.', $what, $id));
    }
}
