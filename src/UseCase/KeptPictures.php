<?php

declare(strict_types=1);

namespace App\UseCase;

/** Which pictures of a job are here. */
interface KeptPictures
{
    public function has(string $job, string $hash): bool;
}
