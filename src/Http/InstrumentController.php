<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\Security\Person;
use App\UseCase\Instruments\InstrumentToken;
use App\UseCase\Instruments\InstrumentTokens;
use App\UseCase\Instruments\MakeInstrumentToken;
use App\UseCase\Instruments\OpenPage;
use App\UseCase\Instruments\ReceiveReport;
use Berm\Core\File\Fields;
use Berm\Core\File\MomentFile;
use Berm\Core\File\ReportedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** Instruments that speak for somebody: their tokens, what they report, and the pages that wait for it. */
final readonly class InstrumentController
{
    public const REPORTS = '/api/instrument-reports';
    private const TOKENS = '/api/instrument-tokens';

    public function __construct(private InstrumentTokens $tokens)
    {
    }

    #[Route(self::TOKENS, methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(#[CurrentUser] Person $person): JsonResponse
    {
        return new JsonResponse(['tokens' => array_map(static fn (InstrumentToken $token): array => [
            'id' => $token->id, 'name' => $token->name, 'madeAt' => $token->madeAt->format(\DATE_ATOM),
            'lastUsedAt' => $token->lastUsedAt?->format(\DATE_ATOM), 'speaks' => $token->epoch === $person->epoch,
        ], $this->tokens->of($person->getUserIdentifier()))]);
    }

    #[Route(self::TOKENS, methods: ['POST'])]
    #[IsGranted(Permission::Read->value)]
    public function make(Request $request, MakeInstrumentToken $make, #[CurrentUser] Person $person): JsonResponse
    {
        [$id, $name] = Body::read($request, static fn (Fields $body): array => [Body::id($body, 'id'), $body->text('name', 60)]);

        return new JsonResponse(['secret' => $make($id, $person->getUserIdentifier(), $person->epoch, $name)], 201);
    }

    #[Route(self::TOKENS.'/{id}', methods: ['DELETE'])]
    #[IsGranted(Permission::Read->value)]
    public function end(string $id, #[CurrentUser] Person $person): Response
    {
        $this->tokens->end($person->getUserIdentifier(), $id);

        return new Response(null, 204);
    }

    /** Asked by an instrument's bridge, with its token. */
    #[Route(self::REPORTS, methods: ['POST'])]
    #[IsGranted(Permission::Read->value)]
    public function receive(Request $request, ReceiveReport $receive, #[CurrentUser] Person $person): JsonResponse
    {
        [$id, $for, $report, $sentAt] = Body::read($request, static fn (Fields $body): array => [
            Body::id($body, 'id'), $body->text('person', 120), Fields::got($body->object('report', ReportedFile::read(...))),
            MomentFile::read($body, 'sentAt'),
        ]);
        if ($for !== $person->getUserIdentifier()) {
            return ProblemListener::problem(
                403, 'token-of-another', 'This token is of somebody else: it cannot speak for them. Each person makes their own.',
            );
        }

        return new JsonResponse(['id' => $id, 'pages' => $receive($id, $for, $report, $sentAt)], 202);
    }

    /** Asked every few seconds by a page on which a step is open. */
    #[Route('/api/instrument-page', methods: ['PUT'])]
    #[IsGranted(Permission::Read->value)]
    public function wait(Request $request, OpenPage $openPage, #[CurrentUser] Person $person): JsonResponse
    {
        [$page, $had] = Body::read($request, static fn (Fields $body): array => [
            Body::id($body, 'page'), array_values(array_filter($body->texts('had', 40), Uuid::isValid(...))),
        ]);

        return new JsonResponse($openPage($person->getUserIdentifier(), $person->epoch, $page, $had));
    }
}
