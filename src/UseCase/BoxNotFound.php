<?php

declare(strict_types=1);

namespace App\UseCase;

final class BoxNotFound extends \RuntimeException
{
    public static function withId(string $id): self
    {
        return new self(\sprintf('There is no box %s in the stores: read its label again.', mb_strimwidth(mb_scrub($id), 0, 40, '…')));
    }
}
