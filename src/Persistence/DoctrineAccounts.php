<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\UserRow;
use App\Security\Account;
use App\Security\AccountRefused;
use App\Security\Accounts;
use App\Security\Role;
use Doctrine\ORM\EntityManagerInterface;

final readonly class DoctrineAccounts implements Accounts
{
    private const SHOWN = 'is the name of somebody else: a record must tell them apart. Add a letter or a place.';

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function all(): array
    {
        return array_map(self::account(...), $this->entities->getRepository(UserRow::class)->findBy([], ['shownAs' => 'ASC']));
    }

    public function find(string $name): ?Account
    {
        $row = $this->entities->find(UserRow::class, $name);
        if (null === $row) {
            return null;
        }
        // Accounts are changed by plain SQL: what was loaded before may be old.
        $this->entities->refresh($row);

        return self::account($row);
    }

    public function add(Account $account, string $passwordHash): void
    {
        $this->ensureTold($account);
        $stored = $this->entities->getConnection()->executeStatement(
            'INSERT INTO person (name, shown_as, role, password_hash, version, one_time_until, epoch) VALUES (?, ?, ?, ?, 1, ?, 1)
             ON CONFLICT (name) DO NOTHING',
            [$account->name, $account->shownAs, $account->role->value, $passwordHash, $account->oneTimeUntil?->format(\DATE_ATOM)],
        );
        if (0 === (int) $stored) {
            throw AccountRefused::because('name', 'is somebody\'s already, and never given twice: take another.');
        }
    }

    public function change(Account $account): void
    {
        $this->ensureTold($account);
        $connection = $this->entities->getConnection();
        // One at a time: of two administrators who suspend each other one is left.
        $connection->executeStatement('SELECT pg_advisory_xact_lock(2611270400)');
        $stored = $connection->executeStatement(
            'UPDATE person SET shown_as = ?, role = ?, suspended_at = ?, version = version + 1,
             epoch = epoch + (CASE WHEN role <> ? OR ?::timestamptz IS NOT NULL THEN 1 ELSE 0 END) WHERE name = ? AND version = ? - 1',
            [
                $account->shownAs, $account->role->value, $account->suspendedAt?->format(\DATE_ATOM), $account->role->value,
                $account->suspendedAt?->format(\DATE_ATOM), $account->name, $account->version,
            ],
        );
        if (0 === (int) $stored) {
            throw AccountRefused::inTheWay('Somebody else changed this person meanwhile. Look again, then change them.');
        }
        $left = $connection->fetchOne('SELECT COUNT(*) FROM person WHERE role = ? AND suspended_at IS NULL', [Role::Administrator->value]);
        if (0 === $left) {
            throw AccountRefused::inTheWay('No administrator would be left: make somebody else one first.');
        }
    }

    public function setPassword(string $name, string $passwordHash, ?\DateTimeImmutable $oneTimeUntil): void
    {
        $this->entities->getConnection()->executeStatement(
            'UPDATE person SET password_hash = ?, one_time_until = ?, epoch = epoch + 1, version = version + 1 WHERE name = ?',
            [$passwordHash, $oneTimeUntil?->format(\DATE_ATOM), $name],
        );
    }

    public function endSessions(string $name): void
    {
        $this->entities->getConnection()->executeStatement('UPDATE person SET epoch = epoch + 1 WHERE name = ?', [$name]);
    }

    /** @throws AccountRefused when somebody else is shown as that */
    private function ensureTold(Account $account): void
    {
        if (false !== $this->entities->getConnection()->fetchOne(
            'SELECT 1 FROM person WHERE LOWER(shown_as) = LOWER(?) AND name <> ?', [$account->shownAs, $account->name],
        )) {
            throw AccountRefused::because('shownAs', self::SHOWN);
        }
    }

    private static function account(UserRow $row): Account
    {
        return new Account($row->name, $row->shownAs, Role::from($row->role), $row->version, $row->suspendedAt, $row->oneTimeUntil);
    }
}
