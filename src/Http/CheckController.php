<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\Security\Person;
use App\UseCase\CheckedKind;
use App\UseCase\CheckSheet;
use Berm\Core\Revision;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A second person looks at a cable type or a connector that somebody wrote down. */
final readonly class CheckController
{
    #[Route(
        '/api/{kind}/{id}/{revision}/check', requirements: ['kind' => 'cables|connectors', 'revision' => '[1-9]\d{0,5}'], methods: ['PUT'],
    )]
    #[IsGranted(Permission::WriteSheet->value)]
    public function check(string $kind, string $id, int $revision, CheckSheet $check, #[CurrentUser] Person $person): Response
    {
        $check('cables' === $kind ? CheckedKind::Cable : CheckedKind::Connector, Revision::of($id, $revision), $person->who());

        return new Response(status: 204);
    }
}
