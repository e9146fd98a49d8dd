<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\Security\Person;
use App\UseCase\CheckedKind;
use App\UseCase\Crews;
use App\UseCase\GiveJob;
use App\UseCase\Jobs;
use App\UseCase\LastHeard;
use App\UseCase\Who;
use Berm\Core\File\Fields;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Whom a job is given to, and what it rests on that only one person has looked at. */
final readonly class CrewController
{
    public function __construct(
        private Crews $crews, private Jobs $jobs, private Unchecked $unchecked, private LastHeard $heard, private ClockInterface $clock,
    ) {
    }

    #[Route('/api/jobs/{id}/crew', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function show(string $id, #[CurrentUser] Person $person): JsonResponse
    {
        $draft = $this->jobs->get($id)->draft;
        $people = $this->withHeard($id);
        if ($this->crews->has($id, $person->who())) {
            $this->heard->from($id, $person->who(), $this->clock->now());
        }

        return new JsonResponse([
            'people' => $people,
            'uncheckedCables' => $this->unchecked->json(CheckedKind::Cable, $draft->cableRevisions()),
            'uncheckedConnectors' => $this->unchecked->json(
                CheckedKind::Connector, null === $draft->connector ? [] : [$draft->connector],
            ),
        ]);
    }

    #[Route('/api/jobs/{id}/crew', methods: ['PUT'])]
    #[IsGranted(Permission::GiveJob->value)]
    public function give(string $id, Request $request, GiveJob $giveJob, #[CurrentUser] Person $person): JsonResponse
    {
        $ids = Body::read($request, static fn (Fields $body): array => [$body->texts('people', 60)])[0];

        return new JsonResponse([
            'people' => self::json($giveJob($id, $ids, $person->who(), $person->role->may(Permission::GiveEveryJob))),
        ]);
    }

    /** @return list<array<string, string|null>> */
    private function withHeard(string $id): array
    {
        $heard = $this->heard->of($id);

        return array_map(static fn (Who $one): array => [
            'name' => $one->id, 'shownAs' => $one->name, 'heardAt' => ($heard[$one->id]['heardAt'] ?? null)?->format(\DATE_ATOM),
            'alongAt' => ($heard[$one->id]['alongAt'] ?? null)?->format(\DATE_ATOM),
        ], $this->crews->of($id));
    }

    /**
     * @param list<Who> $crew
     *
     * @return list<array{name: string, shownAs: string}>
     */
    private static function json(array $crew): array
    {
        return array_map(static fn (Who $one): array => ['name' => $one->id, 'shownAs' => $one->name], $crew);
    }
}
