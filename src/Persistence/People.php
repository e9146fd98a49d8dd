<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Security\Person;
use App\Security\Role;
use App\Security\SignInName;
use Doctrine\DBAL\Connection;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/**
 * Who is asking, for every request: by plain SQL, since most requests need no entity manager besides.
 *
 * @implements UserProviderInterface<Person>
 */
final readonly class People implements UserProviderInterface
{
    public function __construct(private Connection $connection)
    {
    }

    public function loadUserByIdentifier(string $identifier): Person
    {
        $row = $this->connection->fetchNumeric(
            'SELECT name, shown_as, role, password_hash, one_time_until, suspended_at, epoch FROM person WHERE name = ?',
            [SignInName::of($identifier)],
        );
        if (false === $row) {
            throw new UserNotFoundException();
        }
        [$name, $shownAs, $role, $hash, $oneTimeUntil, $suspendedAt] = array_map(Stored::text(...), $row);

        return new Person(
            $name, $shownAs, Role::from($role), $hash, '' !== $suspendedAt,
            '' === $oneTimeUntil ? null : new \DateTimeImmutable($oneTimeUntil),
            \is_int($row[6]) ? $row[6] : 1,
        );
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
