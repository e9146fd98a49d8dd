<?php

declare(strict_types=1);

namespace App\UseCase;

final class JobNotFound extends \RuntimeException
{
    public static function withId(string $id): self
    {
        return new self(\sprintf(
            'There is no job %s: it may have been opened from an old link. Go back to the list of jobs.',
            mb_strimwidth(mb_scrub($id), 0, 40, '…'),
        ));
    }
}
