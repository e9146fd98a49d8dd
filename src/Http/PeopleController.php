<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\AccountJson;
use App\Security\Accounts;
use App\Security\ManagePeople;
use App\Security\Permission;
use App\Security\Person;
use App\Security\Role;
use Berm\Core\File\Fields;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** People who can sign in. */
final readonly class PeopleController
{
    private const NAME = '[a-z][a-z0-9.-]{0,59}';

    public function __construct(private Accounts $accounts, private ManagePeople $people)
    {
    }

    /** Whom a job can be given to is for everybody to see. */
    #[Route('/api/people', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(): JsonResponse
    {
        return new JsonResponse(['people' => array_map(AccountJson::of(...), $this->accounts->all())]);
    }

    #[Route('/api/people', methods: ['POST'])]
    #[IsGranted(Permission::ManagePeople->value)]
    public function add(Request $request): JsonResponse
    {
        [$name, $shownAs, $role] = Body::read($request, static fn (Fields $body): array => [
            $body->text('name', 40), $body->text('shownAs', 120), $body->choice('role', Role::class),
        ]);
        [$account, $password] = $this->people->add($name, $shownAs, $role);

        return new JsonResponse(['person' => AccountJson::of($account), 'oneTimePassword' => $password], 201);
    }

    #[Route('/api/people/{name}', requirements: ['name' => self::NAME], methods: ['PUT'])]
    #[IsGranted(Permission::ManagePeople->value)]
    public function change(string $name, Request $request, #[CurrentUser] Person $by): JsonResponse
    {
        $version = Version::of($request);
        [$shownAs, $role, $isSuspended] = Body::read($request, static fn (Fields $body): array => [
            $body->text('shownAs', 120), $body->choice('role', Role::class), $body->flag('suspended'),
        ]);

        return new JsonResponse(
            AccountJson::of($this->people->change($name, $version, $shownAs, $role, $isSuspended, $by->getUserIdentifier())),
        );
    }

    #[Route('/api/people/{name}/one-time-password', requirements: ['name' => self::NAME], methods: ['POST'])]
    #[IsGranted(Permission::ManagePeople->value)]
    public function oneTimePassword(string $name): JsonResponse
    {
        return new JsonResponse(['oneTimePassword' => $this->people->giveOneTimePassword($name)], 201);
    }

    #[Route('/api/people/{name}/sessions', requirements: ['name' => self::NAME], methods: ['DELETE'])]
    #[IsGranted(Permission::ManagePeople->value)]
    public function endSessions(string $name): Response
    {
        $this->people->endSessions($name);

        return new Response(status: 204);
    }
}
