<?php

declare(strict_types=1);

namespace App\UseCase;

final class ToolNotFound extends \RuntimeException
{
    public static function withId(string $id): self
    {
        return new self(\sprintf('There is no tool %s: a storekeeper writes it down first.', mb_strimwidth(mb_scrub($id), 0, 40, '…')));
    }
}
