<?php

declare(strict_types=1);

namespace App\Security;

/** A person as an administrator sees them. */
final readonly class Account
{
    public function __construct(
        public string $name,
        public string $shownAs,
        public Role $role,
        public int $version,
        public ?\DateTimeImmutable $suspendedAt,
        public ?\DateTimeImmutable $oneTimeUntil,
    ) {
    }

    public function changedTo(string $shownAs, Role $role, bool $isSuspended, \DateTimeImmutable $now): self
    {
        return new self(
            $this->name, $shownAs, $role, $this->version + 1, $isSuspended ? $this->suspendedAt ?? $now : null, $this->oneTimeUntil,
        );
    }

    public function isAdministrator(): bool
    {
        return Role::Administrator === $this->role && null === $this->suspendedAt;
    }
}
