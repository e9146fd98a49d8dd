<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Body;
use App\Http\ProblemListener;
use App\Security\ManagePeople;
use App\Security\Permission;
use App\Security\Person;
use App\Security\SignInTries;
use Berm\Core\File\Fields;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Somebody changes their own password; their other sessions end. */
final readonly class OwnPasswordController
{
    private const TRIES_A_MINUTE = 5;

    /** @param UserProviderInterface<Person> $people */
    public function __construct(
        private ManagePeople $manage,
        private SignInTries $tries,
        private SignInAnswer $answer,
        private TokenStorageInterface $tokens,
        private UserProviderInterface $people,
    ) {
    }

    #[Route('/api/own-password', methods: ['PUT'])]
    #[IsGranted(Permission::Read->value)]
    public function change(Request $request, #[CurrentUser] Person $person): JsonResponse
    {
        [$old, $new] = Body::read($request, static fn (Fields $body): array => [$body->secret('old', 200), $body->secret('new', 200)]);
        $key = hash('sha256', 'own-password '.$person->getUserIdentifier());
        if ($this->tries->count($key, 60) > self::TRIES_A_MINUTE) {
            return ProblemListener::problem(429, 'too-many-tries', 'Too many tries. Wait a minute, then try again.');
        }
        $this->manage->changeOwnPassword($person, $old, $new);
        $fresh = $this->people->refreshUser($person);
        // This session goes on with what is stored now; every other one was begun with the old password.
        $this->tokens->getToken()?->setUser($fresh);

        return $this->answer->session($fresh);
    }
}
