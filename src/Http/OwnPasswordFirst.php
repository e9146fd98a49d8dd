<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Person;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/** Whoever came in by a password that was given to them chooses their own before anything else. */
final readonly class OwnPasswordFirst
{
    private const OPEN = ['/api/session', '/api/sign-in', '/api/own-password', '/api/ping', '/api/ready', '/api/openapi.yaml'];

    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    /** After the firewall (priority 8). */
    #[AsEventListener(priority: 7)]
    public function onRequest(RequestEvent $event): void
    {
        $path = $event->getRequest()->getPathInfo();
        if (!$event->isMainRequest() || !str_starts_with($path, '/api/') || \in_array($path, self::OPEN, true)) {
            return;
        }
        $person = $this->tokens->getToken()?->getUser();
        if ($person instanceof Person && null !== $person->oneTimeUntil) {
            $event->setResponse(ProblemListener::problem(
                403, 'own-password', 'You came in by a password that was given to you: choose your own first.',
            ));
        }
    }
}
