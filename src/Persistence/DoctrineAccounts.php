<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\UserRow;
use App\Security\Accounts;
use App\Security\Role;
use Doctrine\ORM\EntityManagerInterface;

final readonly class DoctrineAccounts implements Accounts
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function has(string $name): bool
    {
        return null !== $this->entities->find(UserRow::class, $name);
    }

    public function add(string $name, string $shownAs, Role $role, string $passwordHash): void
    {
        $this->entities->persist(new UserRow($name, $shownAs, $role->value, $passwordHash));
        $this->entities->flush();
    }
}
