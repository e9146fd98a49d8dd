<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\UseCase\Chain\ChainFault;
use App\UseCase\Chain\VerifyChains;
use App\UseCase\Jobs;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Whether a log is as it was written: worked out anew each time. */
final readonly class ChainController
{
    public function __construct(private VerifyChains $verify, private Jobs $jobs)
    {
    }

    #[Route('/api/jobs/{id}/chain', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function show(string $id): JsonResponse
    {
        $report = ($this->verify)($this->jobs->get($id)->id);
        $head = $report->heads[$id] ?? null;
        $answer = new JsonResponse([
            'unbroken' => $report->isSound(),
            'faults' => array_map(static fn (ChainFault $fault): string => $fault->told, \array_slice($report->faults, 0, 20)),
            'lines' => $head->lines ?? 0,
            'lastHash' => $head?->hash,
            'signedLines' => $report->signed[$id]->lines ?? 0,
        ]);
        $answer->headers->set('Cache-Control', 'no-store');

        return $answer;
    }
}
