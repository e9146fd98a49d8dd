<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\UnreadableJson;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\AddConnector;
use App\UseCase\CheckedKind;
use App\UseCase\Sheets;
use Berm\Core\Connector\Connector;
use Berm\Core\File\ConnectorFile;
use Berm\Core\Revision;
use Berm\Core\Wire\ConnectorJson;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Connectors and lugs: looked through, and taken in by their makers' sheets. */
final readonly class ConnectorController
{
    private const PER_PAGE = 30;

    public function __construct(private Sheets $sheets, private Unchecked $unchecked)
    {
    }

    #[Route('/api/connectors', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(Request $request): JsonResponse
    {
        $page = PageNumber::of($request);
        $listing = $this->sheets->connectors($request->query->getString('search'), $page, self::PER_PAGE);

        return new JsonResponse([
            'connectors' => array_map(ConnectorJson::of(...), $listing->items), 'total' => $listing->total,
            'unreadable' => UnreadableJson::of($listing), 'page' => $page, 'perPage' => self::PER_PAGE,
            'unchecked' => $this->unchecked->json(
                CheckedKind::Connector, array_map(static fn (Connector $connector): Revision => $connector->revision, $listing->items),
            ),
        ]);
    }

    #[Route('/api/connectors', methods: ['POST'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function add(Request $request, AddConnector $addConnector, #[CurrentUser] Person $person): JsonResponse
    {
        return new JsonResponse(ConnectorJson::of($addConnector(Body::read($request, ConnectorFile::read(...)), $person->who())), 201);
    }
}
