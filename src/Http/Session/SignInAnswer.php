<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\CsrfGuard;
use App\Http\ProblemListener;
use App\Security\Permission;
use App\Security\Person;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAccountStatusException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** What a sign-in, a failed one and a missing one are answered with. */
final readonly class SignInAnswer implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface
{
    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        return $this->session($token->getUser());
    }

    /** A sign-in begins a new session and throws the old tokens away: only after that (priority 0) can the new one be handed out. */
    #[AsEventListener(priority: -16)]
    public function onLoginSuccess(LoginSuccessEvent $event): void
    {
        // An instrument that shows its token begins no session.
        if ('main' === $event->getFirewallName()) {
            $event->setResponse($this->session($event->getUser()));
        }
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return match (true) {
            $exception instanceof TooManyLoginAttemptsAuthenticationException => ProblemListener::problem(
                429, 'too-many-tries', 'Too many failed tries. Wait a minute, then try again.',
            ),
            $exception instanceof CustomUserMessageAccountStatusException => ProblemListener::problem(
                403, 'no-entry', $exception->getMessageKey(),
            ),
            default => ProblemListener::problem(401, 'wrong-sign-in', 'The name or the password is not right. Type both again.'),
        };
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ProblemListener::problem(
            401, 'not-signed-in', 'You are not signed in, or your session has ended. Sign in; what you typed is kept.',
        );
    }

    /** Who is signed in, and the token for requests that change something. */
    public function session(mixed $person): JsonResponse
    {
        return new JsonResponse([
            'person' => $person instanceof Person ? [
                'name' => $person->getUserIdentifier(),
                'shownAs' => $person->shownAs,
                'role' => $person->role->value,
                'ownPasswordFirst' => null !== $person->oneTimeUntil,
                'may' => array_map(static fn (Permission $permission): string => $permission->value, $person->role->permissions()),
            ] : null,
            'csrfToken' => $this->tokens->getToken(CsrfGuard::TOKEN)->getValue(),
        ]);
    }
}
