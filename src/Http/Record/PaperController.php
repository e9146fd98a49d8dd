<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Paper\Asked;
use App\Paper\Kind;
use App\Paper\Occasion;
use App\Paper\Printed;
use App\Security\Permission;
use App\UseCase\ShowJob;
use Berm\Core\Saying\Reader;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The papers of a job that go to the trench: card, strip, stage sheet, labels. */
final readonly class PaperController
{
    public function __construct(private ShowJob $showJob, private ClockInterface $clock)
    {
    }

    #[Route('/api/jobs/{id}/{printed}.pdf', requirements: ['printed' => 'card|template|stages|labels'], methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function print(string $id, string $printed, Request $request): Response
    {
        $job = ($this->showJob)($id);
        $given = array_map(static fn (mixed $value): string => \is_string($value) ? $value : '?', $request->query->all());
        $asked = Asked::of($given, $job->stored->draft->unit);
        $occasion = new Occasion(
            $job->plan, new Reader($asked->unit), $this->clock->now(), "{$request->getSchemeAndHttpHost()}/jobs/$id",
        );
        $pdf = Printed::of(Kind::from($printed), $occasion, $asked, substr($id, -12));

        return new Response($pdf, headers: [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => FileName::of($job->stored->name, "-$printed.pdf"),
        ]);
    }
}
