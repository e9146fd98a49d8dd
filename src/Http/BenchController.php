<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\BenchAnswer;
use App\Security\Permission;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Calculations alone, without a job. */
final readonly class BenchController
{
    #[Route('/api/bench', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(): Response
    {
        return new JsonResponse(BenchAnswer::all());
    }

    #[Route('/api/bench/{tool}', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function work(string $tool, Request $request): Response
    {
        return new JsonResponse(BenchAnswer::of($tool, $request->query->all()));
    }
}
