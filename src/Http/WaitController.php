<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\UseCase\ListWaits;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class WaitController
{
    #[Route('/api/waits', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(ListWaits $listWaits, JobAnswers $answers): JsonResponse
    {
        [$waits, $unseen] = $listWaits($answers->waits(...));

        return new JsonResponse(['waits' => $waits, 'unseen' => $unseen]);
    }
}
