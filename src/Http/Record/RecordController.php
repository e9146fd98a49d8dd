<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Paper\PaperSize;
use App\Security\Permission;
use App\UseCase\Chain\VerifyChains;
use App\UseCase\Picture;
use App\UseCase\Pictures;
use App\UseCase\PlanJob;
use App\UseCase\ShowJob;
use App\UseCase\UncheckedSheets;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class RecordController
{
    public function __construct(private ShowJob $showJob, private VerifyChains $verify, private UncheckedSheets $unchecked)
    {
    }

    #[Route('/api/jobs/{id}/record.json', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function json(string $id, PlanJob $plan): Response
    {
        $job = ($this->showJob)($id);
        $response = new JsonResponse($plan->file($job->stored)->write());
        $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
        $response->headers->set('Content-Disposition', FileName::of($job->stored->name, '.job.json'));

        return $response;
    }

    #[Route('/api/jobs/{id}/record.pdf', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function pdf(string $id, Request $request, Pictures $pictures): Response
    {
        $job = ($this->showJob)($id);
        $unit = LengthUnit::tryFrom($request->query->getString('unit')) ?? $job->stored->draft->unit;
        $size = PaperSize::tryFrom($request->query->getString('paper')) ?? PaperSize::of($unit);

        return new Response(
            RecordPdf::of(
                $job, new Reader($unit), ($this->verify)($job->stored->id)->isSound(), ($this->unchecked)($job->plan->job),
                static fn (string $hash): ?Picture => $pictures->has(
                    $job->stored->id, $hash,
                ) ? $pictures->get($job->stored->id, $hash) : null, $size,
            ),
            headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => FileName::of($job->stored->name, '.pdf')],
        );
    }
}
