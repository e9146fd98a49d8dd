<?php

declare(strict_types=1);

namespace App\Security;

use App\UseCase\Who;
use Berm\Core\Build\Writer;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Somebody who can sign in. The sign-in name is their id: it is never changed and never given to somebody else. */
final readonly class Person implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface
{
    public function __construct(
        private string $name,
        public string $shownAs,
        public Role $role,
        private string $passwordHash,
        public bool $isSuspended = false,
        /** The password was given to them and is good for one sign-in until then; null: it is their own. */
        public ?\DateTimeImmutable $oneTimeUntil = null,
        /** Goes up when their sessions are ended. */
        public int $epoch = 1,
    ) {
    }

    public function who(): Who
    {
        return new Who($this->name, $this->shownAs, [
            ...($this->role->may(Permission::Build) ? [Writer::Jointer] : []),
            ...($this->role->may(Permission::AcceptDeviation) ? [Writer::Engineer] : []),
            ...($this->role->may(Permission::WriteNote) ? [Writer::Crew] : []),
        ]);
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

    /**
     * Asked with every request: whoever is suspended, given another role or password, or whose sessions were ended, is signed out by it.
     */
    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self && !$user->isSuspended && $user->name === $this->name && $user->epoch === $this->epoch
            && $user->role === $this->role && $user->passwordHash === $this->passwordHash;
    }
}
