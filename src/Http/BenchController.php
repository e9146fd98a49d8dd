<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use Berm\Core\Bench\Bench;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Wire\BenchJson;
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
        return new JsonResponse(['tools' => array_map(BenchJson::tool(...), array_values(Bench::tools()))]);
    }

    #[Route('/api/bench/{tool}', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function work(string $tool, Request $request): Response
    {
        $found = Bench::tools()[$tool] ?? null;
        if (null === $found) {
            return ProblemListener::problem(404, 'no-such-tool', 'There is no such tool: take one of /api/bench.');
        }
        $given = array_map(static fn (mixed $value): string => \is_string($value) ? $value : '', $request->query->all());
        $unit = LengthUnit::tryFrom($given['unit'] ?? '') ?? LengthUnit::Millimetre;
        unset($given['unit']);

        return new JsonResponse(BenchJson::outcome($found->work($given, $unit)));
    }
}
