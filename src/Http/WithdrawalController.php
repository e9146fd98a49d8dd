<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\Security\Person;
use App\UseCase\WithdrawSheet;
use Berm\Core\File\Fields;
use Berm\Core\Revision;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class WithdrawalController
{
    #[Route('/api/kits/{id}/{revision}/withdrawal', requirements: ['revision' => '[1-9]\d{0,5}'], methods: ['PUT'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function withdraw(
        string $id, int $revision, Request $request, WithdrawSheet $withdrawSheet, #[CurrentUser] Person $person,
    ): Response {
        $reason = Body::read($request, static fn (Fields $body): array => [$body->text('reason', 600)])[0];
        $withdrawSheet(Revision::of($id, $revision), $reason, $person->shownAs);

        return new Response(null, 204);
    }
}
