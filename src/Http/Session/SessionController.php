<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Security\Person;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class SessionController
{
    public function __construct(private SignInAnswer $answer, private Security $security)
    {
    }

    #[Route('/api/session', methods: ['GET'])]
    public function show(): JsonResponse
    {
        return $this->answer->session($this->security->getUser());
    }

    /** The firewall answers a sign-in that comes as JSON; another one ends here. */
    #[Route('/api/sign-in', name: 'sign_in', methods: ['POST'])]
    public function signIn(): never
    {
        throw new UnsupportedMediaTypeHttpException('Send name and password as JSON, with the content type application/json.');
    }

    #[Route('/api/session', methods: ['DELETE'])]
    public function signOut(): Response
    {
        if ($this->security->getUser() instanceof Person) {
            $this->security->logout(false);
        }

        return new Response(status: 204);
    }
}
