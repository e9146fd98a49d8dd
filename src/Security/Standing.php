<?php

declare(strict_types=1);

namespace App\Security;

use Psr\Clock\ClockInterface;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAccountStatusException;
use Symfony\Component\Security\Core\User\UserCheckerInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Whether somebody may sign in at all: looked at after their password, so that nobody else learns of it. */
final readonly class Standing implements UserCheckerInterface
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function checkPreAuth(UserInterface $user): void
    {
    }

    public function checkPostAuth(UserInterface $user): void
    {
        if (!$user instanceof Person) {
            return;
        }
        if ($user->isSuspended) {
            throw new CustomUserMessageAccountStatusException('You are suspended: an administrator can take you on again.');
        }
        if (null !== $user->oneTimeUntil && $user->oneTimeUntil < $this->clock->now()) {
            throw new CustomUserMessageAccountStatusException('This one-time password has run out: ask an administrator for another.');
        }
    }
}
