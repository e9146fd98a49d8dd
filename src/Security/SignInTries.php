<?php

declare(strict_types=1);

namespace App\Security;

/** Tries to sign in, counted where every application server sees them; two at once are two. */
interface SignInTries
{
    /** @return int how many there were within so many seconds, this one included */
    public function count(string $of, int $seconds): int;

    public function forget(string $of): void;
}
