<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\ToolJson;
use App\Http\Wire\UnreadableJson;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\JudgeTools;
use App\UseCase\KeptTool;
use App\UseCase\SentAs;
use App\UseCase\TakeTool;
use App\UseCase\ToolNotFound;
use App\UseCase\Tools;
use Berm\Core\File\DayFile;
use Berm\Core\File\Fields;
use Berm\Core\File\ToolFile;
use Berm\Core\Tool\Tool;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** Presses and wrenches: written down with their calibration, and named for a job. */
final readonly class ToolController
{
    private const PER_PAGE = 50;

    public function __construct(private Tools $tools, private ClockInterface $clock)
    {
    }

    #[Route('/api/tools', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(Request $request): JsonResponse
    {
        $page = PageNumber::of($request);

        $tools = $this->tools->page($page, self::PER_PAGE);

        return new JsonResponse([
            'tools' => array_map(fn (KeptTool $tool): array => ToolJson::of($tool, $this->clock->now()), $tools->items),
            'unreadable' => UnreadableJson::of($tools),
            'total' => $tools->total,
            'page' => $page,
            'perPage' => self::PER_PAGE,
        ]);
    }

    #[Route('/api/tools', methods: ['POST'])]
    #[IsGranted(Permission::KeepStores->value)]
    public function add(Request $request): JsonResponse
    {
        $tool = Body::read($request, static function (Fields $body): Tool {
            Body::id($body, 'id');

            return ToolFile::read($body);
        });
        $this->tools->add($tool);

        return new JsonResponse(ToolJson::of($this->tools->get($tool->id), $this->clock->now()), 201);
    }

    /** It came back from its calibration. */
    #[Route('/api/tools/{id}/calibration', methods: ['PUT'])]
    #[IsGranted(Permission::KeepStores->value)]
    public function calibrate(string $id, Request $request): JsonResponse
    {
        $version = Version::of($request);
        $until = Body::read($request, static fn (Fields $body): array => [DayFile::read($body, 'until')])[0];
        $tool = $this->tools->change($this->tools->get(self::id($id))->tool->calibratedUntil($until), $version);

        return new JsonResponse(ToolJson::of($tool, $this->clock->now()));
    }

    #[Route('/api/jobs/{job}/tools', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function forJob(string $job, JudgeTools $judgeTools): JsonResponse
    {
        return new JsonResponse(ToolJson::ofJob($judgeTools($job), $this->clock->now()));
    }

    #[Route('/api/jobs/{job}/tools/{id}', methods: ['POST'])]
    #[IsGranted(Permission::Build->value)]
    public function take(
        string $job, string $id, Request $request, TakeTool $takeTool, CrewGuard $crew, #[CurrentUser] Person $person,
    ): JsonResponse {
        $as = Body::read($request, SentAs::read(...));
        $crew->ensure($job, $person);

        return JobAnswers::written($takeTool(self::id($id), $job, $as, $person->who()));
    }

    private static function id(string $id): string
    {
        return Uuid::isValid($id) ? $id : throw ToolNotFound::withId($id);
    }
}
