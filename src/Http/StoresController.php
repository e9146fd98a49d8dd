<?php

declare(strict_types=1);

namespace App\Http;

use App\Device\LabelReader;
use App\Http\Wire\BoxJson;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\AddBox;
use App\UseCase\Boxes;
use App\UseCase\BoxNotFound;
use App\UseCase\OpenBox;
use App\UseCase\ReserveBox;
use App\UseCase\SentOpening;
use App\UseCase\Sheets;
use Berm\Core\File\Fields;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** Boxes: read in from their labels, set aside for jobs, opened and checked. */
final readonly class StoresController
{
    public function __construct(private Boxes $boxes, private Sheets $sheets, private ClockInterface $clock, private CrewGuard $crew)
    {
    }

    #[Route('/api/boxes', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(Request $request): JsonResponse
    {
        $page = PageNumber::of($request);
        [$kit, $size, $job] = [self::asked($request, 'kit'), self::asked($request, 'size'), self::asked($request, 'job')];
        $boxes = $this->boxes->page($kit, $size, $page, BoxJson::PER_PAGE);

        return new JsonResponse(BoxJson::page(
            array_map(fn (Box $box): array => $this->json($box, $job), $boxes), $this->boxes->count($kit, $size), $page,
        ));
    }

    #[Route('/api/boxes', methods: ['POST'])]
    #[IsGranted(Permission::KeepStores->value)]
    public function add(Request $request, AddBox $addBox, #[CurrentUser] Person $person): JsonResponse
    {
        [$id, $label, $place] = Body::read(
            $request,
            static fn (Fields $body): array => [Body::id($body, 'id'), $body->label('label', 200), $body->optionalText('place', 80)],
        );

        $added = $addBox($id, $label, $place, $person->shownAs);

        return new JsonResponse(['box' => $this->json($added->box, null), 'skipped' => $added->skipped], 201);
    }

    #[Route('/api/boxes/{id}/reservation', methods: ['PUT'])]
    #[IsGranted(Permission::TakeBox->value)]
    public function reserve(string $id, Request $request, ReserveBox $reserveBox, #[CurrentUser] Person $person): JsonResponse
    {
        $job = Body::read($request, static fn (Fields $body): array => [$body->has('job') ? Body::id($body, 'job') : null])[0];
        // Whoever puts it back takes it from the job that it stands aside for.
        $this->ensureTheirs($job ?? $this->boxes->get(self::id($id))->reservedFor, $person);

        return new JsonResponse($this->json($reserveBox(self::id($id), $job), $job));
    }

    #[Route('/api/boxes/{id}/opening', methods: ['POST'])]
    #[IsGranted(Permission::TakeBox->value)]
    public function open(string $id, Request $request, OpenBox $openBox, #[CurrentUser] Person $person): JsonResponse
    {
        $opening = Body::read($request, SentOpening::read(...));
        $this->ensureTheirs($opening->job, $person);

        return JobAnswers::written($openBox(self::id($id), $opening, $person->who()));
    }

    #[Route('/api/label-reader', methods: ['GET'])]
    #[IsGranted(Permission::KeepStores->value)]
    public function read(LabelReader $reader): JsonResponse
    {
        return new JsonResponse(['label' => $reader->read($this->boxes->count(null, null))]);
    }

    /** The stores hand out boxes for every job; whoever builds, for their own. */
    private function ensureTheirs(?string $job, Person $person): void
    {
        if (null !== $job && !$person->role->may(Permission::KeepStores)) {
            $this->crew->ensure($job, $person);
        }
    }

    /** @return array<string, mixed> */
    private function json(Box $box, ?string $job): array
    {
        return BoxJson::of($box, $this->sheets->kit($box->kit), $this->clock->now(), $job);
    }

    private static function id(string $id): string
    {
        return Uuid::isValid($id) ? $id : throw BoxNotFound::withId($id);
    }

    private static function asked(Request $request, string $key): ?string
    {
        $value = $request->query->getString($key);

        return '' === $value ? null : $value;
    }
}
