<?php

declare(strict_types=1);

namespace App\Security;

use App\Http\ProblemListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** Tells a bridge why its report was not taken. */
final readonly class InstrumentRefused implements AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface
{
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return match (true) {
            $exception instanceof TooManyReports => self::wait(),
            $exception instanceof CustomUserMessageAuthenticationException => ProblemListener::problem(
                401, 'token', $exception->getMessageKey(),
            ),
            default => $this->start($request),
        };
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        $answer = ProblemListener::problem(
            401, 'token', 'Send the token that was made under “Instruments”, as “Authorization: Bearer …”.',
        );
        $answer->headers->set('WWW-Authenticate', 'Bearer realm="Berm"');

        return $answer;
    }

    private static function wait(): Response
    {
        $answer = ProblemListener::problem(429, 'too-many-reports', 'More than 60 reports in a minute: wait a moment, then send again.');
        $answer->headers->set('Retry-After', '10');

        return $answer;
    }
}
