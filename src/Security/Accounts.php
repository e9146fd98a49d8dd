<?php

declare(strict_types=1);

namespace App\Security;

/** Where people who can sign in are kept. */
interface Accounts
{
    public function has(string $name): bool;

    /** @param string $passwordHash never the password itself */
    public function add(string $name, string $shownAs, Role $role, string $passwordHash): void;
}
