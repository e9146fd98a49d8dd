<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

final readonly class Person implements UserInterface, PasswordAuthenticatedUserInterface
{
    public function __construct(private string $name, public string $shownAs, public Role $role, private string $passwordHash)
    {
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->name ? throw new \LogicException('a person has a name') : $this->name;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return ['ROLE_'.strtoupper($this->role->value)];
    }

    public function eraseCredentials(): void
    {
    }
}
