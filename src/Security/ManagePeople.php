<?php

declare(strict_types=1);

namespace App\Security;

use App\UseCase\Atomically;
use App\UseCase\Who;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** People who can sign in: added, changed and suspended by an administrator. A password is given once, and then their own. */
final readonly class ManagePeople
{
    private const ONE_TIME_DAYS = 7;

    public function __construct(
        private Accounts $accounts, private UserPasswordHasherInterface $hasher, private Atomically $atomically,
        private ClockInterface $clock,
    ) {
    }

    /** @return array{Account, string} with the one-time password, which is told once @throws AccountRefused */
    public function add(string $name, string $shownAs, Role $role): array
    {
        if (1 !== preg_match('/\A[a-z][a-z0-9.-]{1,39}\z/', $name) || Who::PROGRAM === $name) {
            throw AccountRefused::because(
                'name', 'must be of small letters, digits, dots and dashes, begin with a letter, and have 2 to 40.',
            );
        }
        $password = Password::oneTime();
        $account = new Account($name, $shownAs, $role, 1, null, $this->oneTimeUntil());
        $this->accounts->add($account, $this->hash($account, $password));

        return [$account, $password];
    }

    /** @throws AccountRefused */
    public function change(string $name, int $version, string $shownAs, Role $role, bool $isSuspended, string $by): Account
    {
        return $this->atomically->run(function () use ($name, $version, $shownAs, $role, $isSuspended, $by): Account {
            $stored = $this->get($name);
            if ($stored->version !== $version) {
                throw AccountRefused::inTheWay('Somebody else changed this person meanwhile. Look again, then change them.');
            }
            if ($name === $by && ($isSuspended || $role !== $stored->role)) {
                throw AccountRefused::inTheWay('Nobody suspends themselves or gives themselves another role: ask another administrator.');
            }
            $changed = $stored->changedTo($shownAs, $role, $isSuspended, $this->clock->now());
            $this->accounts->change($changed);

            return $changed;
        });
    }

    /** @return string the password, which is told once @throws AccountRefused */
    public function giveOneTimePassword(string $name): string
    {
        $password = Password::oneTime();
        $this->accounts->setPassword($name, $this->hash($this->get($name), $password), $this->oneTimeUntil());

        return $password;
    }

    /** @throws AccountRefused */
    public function endSessions(string $name): void
    {
        $this->accounts->endSessions($this->get($name)->name);
    }

    /** @throws AccountRefused when the old one is not right or the new one no good */
    public function changeOwnPassword(Person $person, #[\SensitiveParameter] string $old, #[\SensitiveParameter] string $new): void
    {
        if (!$this->hasher->isPasswordValid($person, $old)) {
            throw AccountRefused::because('old', 'is not your password: type it again.');
        }
        Password::ensure('new', $new, $person->getUserIdentifier());
        if ($old === $new) {
            throw AccountRefused::because('new', 'is the same as the old one: take another.');
        }
        $this->accounts->setPassword($person->getUserIdentifier(), $this->hasher->hashPassword($person, $new), null);
    }

    private function get(string $name): Account
    {
        return $this->accounts->find($name) ?? throw AccountRefused::unknown($name);
    }

    private function hash(Account $account, #[\SensitiveParameter] string $password): string
    {
        return $this->hasher->hashPassword(new Person($account->name, $account->shownAs, $account->role, ''), $password);
    }

    private function oneTimeUntil(): \DateTimeImmutable
    {
        return $this->clock->now()->modify('+'.self::ONE_TIME_DAYS.' days');
    }
}
