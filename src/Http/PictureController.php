<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\Security\Person;
use App\UseCase\KeepPicture;
use App\UseCase\Pictures;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Pictures of a job, each by its hash: what stands there is never another one. */
final readonly class PictureController
{
    private const PATH = '/api/jobs/{id}/pictures/{hash}';

    #[Route(self::PATH, methods: ['PUT'])]
    #[IsGranted(Permission::WriteNote->value)]
    public function keep(
        string $id, string $hash, Request $request, KeepPicture $keepPicture, CrewGuard $crew, #[CurrentUser] Person $person,
    ): Response {
        $crew->ensure($id, $person);
        $keepPicture($id, $hash, $request->getContent(), $person->shownAs);

        return new Response(null, 204);
    }

    #[Route(self::PATH, methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function show(string $id, string $hash, Pictures $pictures): Response
    {
        $picture = $pictures->get($id, $hash);

        return new Response($picture->bytes, headers: ['Content-Type' => $picture->type]);
    }
}
