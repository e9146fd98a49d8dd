<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\UserRow;
use App\Security\Person;
use App\Security\Role;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/** @implements UserProviderInterface<Person> */
final readonly class People implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function loadUserByIdentifier(string $identifier): Person
    {
        $row = $this->entities->find(UserRow::class, mb_strtolower(trim($identifier))) ?? throw new UserNotFoundException();

        return new Person($row->name, $row->shownAs, Role::from($row->role), $row->passwordHash);
    }

    public function refreshUser(UserInterface $user): Person
    {
        return $user instanceof Person ? $this->loadUserByIdentifier($user->getUserIdentifier()) : throw new UnsupportedUserException();
    }

    public function supportsClass(string $class): bool
    {
        return Person::class === $class;
    }
}
