<?php

declare(strict_types=1);

namespace App\UseCase;

final class PictureNotFound extends \RuntimeException
{
    public static function withHash(string $hash): self
    {
        return new self(\sprintf('There is no picture %s on this job.', mb_strimwidth(mb_scrub($hash), 0, 16, '…')));
    }
}
