<?php

declare(strict_types=1);

namespace App\Security;

/** Where people who can sign in are kept. */
interface Accounts
{
    /** @return list<Account> by the name they are shown as */
    public function all(): array;

    public function find(string $name): ?Account;

    /**
     * @param string $passwordHash never the password itself
     *
     * @throws AccountRefused when the name, or the one they are shown as, is somebody's
     */
    public function add(Account $account, string $passwordHash): void;

    /**
     * Stores the account when the stored one has the version before it. Their sessions end when they may do something else by it.
     *
     * @throws AccountRefused when it was changed meanwhile, or the name it is shown as is somebody's, or no administrator would be left
     */
    public function change(Account $account): void;

    /** Ends all their sessions but the one that asks, which goes on by what is returned. */
    public function setPassword(string $name, string $passwordHash, ?\DateTimeImmutable $oneTimeUntil): void;

    public function endSessions(string $name): void;
}
