<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;

/** A name that nobody has costs as much as a wrong password: the time of an answer does not tell which names there are. */
final readonly class EqualEffort
{
    /** Of a random password that nobody has, at the cost that config/packages/security.yaml asks for. */
    public const NOBODYS = '$2y$11$iCVH2JrmdzzstshcalVbR.i4uGmfHGbS1ABCAl5NCE5kJOlMiquYm';

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    #[AsEventListener]
    public function onFailure(LoginFailureEvent $event): void
    {
        $credentials = $event->getPassport()?->getBadge(PasswordCredentials::class);
        for ($error = $event->getException(); null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof UserNotFoundException && $credentials instanceof PasswordCredentials) {
                $this->hashers->getPasswordHasher(Person::class)->verify(self::NOBODYS, $credentials->getPassword());

                return;
            }
        }
    }
}
