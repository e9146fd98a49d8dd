<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\ChoiceJson;
use App\Http\Wire\IdentifiedJson;
use App\Http\Wire\UnreadableJson;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\AskAhead;
use App\UseCase\ChangePlan;
use App\UseCase\CheckedKind;
use App\UseCase\Choices;
use App\UseCase\CreateJob;
use App\UseCase\Crews;
use App\UseCase\FindWays;
use App\UseCase\IdentifyCable;
use App\UseCase\JudgeChoices;
use App\UseCase\ListJobs;
use App\UseCase\PlanDraft;
use App\UseCase\PlanDraftFile;
use App\UseCase\SentEntry;
use App\UseCase\StoredJob;
use App\UseCase\WriteEntry;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\End;
use Berm\Core\File\Fields;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Wire\AheadJson;
use Berm\Core\Wire\WayJson;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Authorization\AuthorizationCheckerInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class JobController
{
    #[Route('/api/jobs', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(
        Request $request, ListJobs $listJobs, JobAnswers $answers, Crews $crews, #[CurrentUser] Person $person,
    ): JsonResponse {
        $page = PageNumber::of($request);
        $perPage = min(100, max(1, $request->query->getInt('perPage', 20)));
        $jobs = $listJobs($page, $perPage, $answers->summary(...));

        return new JsonResponse([
            'jobs' => $jobs->items, 'page' => $page, 'perPage' => $perPage, 'total' => $jobs->total,
            'mine' => array_values(array_filter(
                $crews->jobsOf($person->who()), static fn (string $id): bool => \in_array($id, array_column($jobs->items, 'id'), true),
            )),
            'unreadable' => UnreadableJson::of($jobs),
        ]);
    }

    #[Route('/api/jobs', methods: ['POST'])]
    #[IsGranted(Permission::Plan->value)]
    public function create(Request $request, CreateJob $createJob, #[CurrentUser] Person $person): JsonResponse
    {
        [$id, $name, $function, $unit] = Body::read($request, static fn (Fields $body): array => [
            Body::id($body, 'id'), $body->text('name', 120), $body->choice('function', AccessoryFunction::class),
            $body->choice('unit', LengthUnit::class),
        ]);

        return JobAnswers::of($createJob($id, $name, $function, $unit, $person->who()), 201);
    }

    #[Route('/api/jobs/{id}', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function show(string $id, JobAnswers $answers): JsonResponse
    {
        return $answers->show($id);
    }

    #[Route('/api/jobs/{id}/plan', methods: ['PUT'])]
    #[IsGranted(Permission::Plan->value)]
    public function plan(
        string $id, Request $request, ChangePlan $changePlan, CrewGuard $crew, #[CurrentUser] Person $person,
    ): JsonResponse {
        $crew->ensure($id, $person);
        $version = Version::of($request);
        $draft = static fn (StoredJob $stored): PlanDraft => Body::read(
            $request, static fn (Fields $body): PlanDraft => PlanDraftFile::read($body, $stored->function),
        );

        return JobAnswers::of($changePlan($id, $version, $draft, $person->shownAs));
    }

    #[Route('/api/jobs/{id}/log', methods: ['POST'])]
    #[IsGranted(Permission::Read->value)]
    public function write(
        string $id, Request $request, WriteEntry $writeEntry, AuthorizationCheckerInterface $rights, CrewGuard $crew,
        #[CurrentUser] Person $person,
    ): JsonResponse {
        $sent = Body::read($request, SentEntry::read(...));
        if (!$rights->isGranted(self::rightFor($sent->writer())->value)) {
            throw new AccessDeniedException();
        }
        $crew->ensure($id, $person);

        return JobAnswers::written($writeEntry($id, $sent->as, $sent->event, $person->who()));
    }

    #[Route('/api/jobs/{id}/kits', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function kits(string $id, Request $request, JudgeChoices $judge, Unchecked $unchecked): JsonResponse
    {
        return self::choices($judge->kits($id, PageNumber::of($request)), $unchecked);
    }

    #[Route('/api/jobs/{id}/connectors', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function connectors(string $id, Request $request, JudgeChoices $judge, Unchecked $unchecked): JsonResponse
    {
        return self::choices($judge->connectors($id, PageNumber::of($request)), $unchecked);
    }

    /** What can be done about what is out. */
    #[Route('/api/jobs/{id}/ways', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function ways(string $id, Request $request, FindWays $findWays): JsonResponse
    {
        $found = $findWays($id, FindWays::fault($request->getQueryString() ?? ''));

        return new JsonResponse(WayJson::all($found->ways, $found->plan, $found->core));
    }

    /** What comes of a cut that is made past its mark, or short of it. */
    #[Route('/api/jobs/{id}/ahead', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function ahead(string $id, Request $request, AskAhead $askAhead): JsonResponse
    {
        return new JsonResponse(AheadJson::of($askAhead($id, $request->getQueryString() ?? '')));
    }

    #[Route('/api/jobs/{id}/ends/{end}/identification', requirements: ['end' => 'A|B'], methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function identification(string $id, End $end, IdentifyCable $identify): JsonResponse
    {
        return new JsonResponse(IdentifiedJson::of($identify($id, $end)));
    }

    private static function choices(Choices $choices, Unchecked $unchecked): JsonResponse
    {
        return new JsonResponse([
            ...ChoiceJson::page($choices), 'unchecked' => $unchecked->json(CheckedKind::Connector, $choices->connectors()),
        ]);
    }

    private static function rightFor(?Writer $writer): Permission
    {
        return match ($writer) {
            Writer::Jointer => Permission::Build,
            Writer::Engineer => Permission::AcceptDeviation,
            Writer::Crew => Permission::WriteNote,
            Writer::Server => throw new \LogicException('nobody sends what the server writes'),
            null => Permission::Read,
        };
    }
}
