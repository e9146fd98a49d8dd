<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Every request that changes something, signing in included, must carry the session's token in a header that no other site can set. */
final readonly class CsrfGuard
{
    public const HEADER = 'X-CSRF-Token';
    public const TOKEN = 'api';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    /** Before the firewall (priority 8), so that a sign-in is guarded too. */
    #[AsEventListener(priority: 9)]
    public function onRequest(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe() || !$event->isMainRequest() || self::carriesNoCookie($request)) {
            return;
        }
        $token = new CsrfToken(self::TOKEN, $request->headers->get(self::HEADER, ''));
        if (!$this->tokens->isTokenValid($token)) {
            $event->setResponse(ProblemListener::problem(
                403, 'csrf', 'This page is out of date or was not opened here. Reload it; what you typed is kept.',
            ));
        }
    }

    /** An instrument shows its own token with every reading; no session is read there, so no other site can use one. */
    private static function carriesNoCookie(Request $request): bool
    {
        return InstrumentController::REPORTS === $request->getPathInfo();
    }
}
