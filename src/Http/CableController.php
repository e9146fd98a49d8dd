<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\ImportJson;
use App\Http\Wire\UnreadableJson;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\AddCable;
use App\UseCase\CableTypes;
use App\UseCase\CheckedKind;
use App\UseCase\ImportCables;
use App\UseCase\Keep;
use Berm\Core\Cable\Completion;
use Berm\Core\Cable\Construction;
use Berm\Core\File\BadDocument;
use Berm\Core\File\CableImport;
use Berm\Core\File\CableListFile;
use Berm\Core\File\CableTableFile;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\CimFile;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Revision;
use Berm\Core\Wire\CableJson;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The library of cable types: search, add, hand over and take in. */
final readonly class CableController
{
    private const LARGEST_IMPORT = 5_000_000;

    public function __construct(private CableTypes $cables, private Unchecked $unchecked)
    {
    }

    #[Route('/api/cables', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function page(Request $request): JsonResponse
    {
        $page = PageNumber::of($request);
        $perPage = min(100, max(1, $request->query->getInt('perPage', 30)));
        $cables = $this->cables->page(self::search($request), self::unit($request), $page, $perPage);

        return new JsonResponse([
            'cables' => array_map(CableJson::type(...), $cables->items), 'page' => $page, 'perPage' => $perPage, 'total' => $cables->total,
            'unreadable' => UnreadableJson::of($cables),
            'unchecked' => $this->unchecked->json(
                CheckedKind::Cable, array_map(static fn (Construction $cable): Revision => $cable->revision, $cables->items),
            ),
        ]);
    }

    #[Route('/api/cables', methods: ['POST'])]
    #[IsGranted(Permission::AddCable->value)]
    public function add(Request $request, AddCable $addCable, #[CurrentUser] Person $person): JsonResponse
    {
        return new JsonResponse(CableJson::type($addCable(Body::read($request, CableTypeFile::read(...)), $person->who())), 201);
    }

    /** What a description would be completed to, without keeping it. */
    #[Route('/api/cables/completed', methods: ['POST'])]
    #[IsGranted(Permission::Read->value)]
    public function completed(Request $request): JsonResponse
    {
        return new JsonResponse(CableJson::type(Completion::of(Body::read($request, CableTypeFile::read(...)))));
    }

    #[Route('/api/cables.{format}', requirements: ['format' => 'json|csv|xml'], methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function export(string $format, Request $request): Response
    {
        $cables = $this->cables->all(self::search($request));
        [$type, $content] = match ($format) {
            'csv' => ['text/csv; charset=utf-8', CableTableFile::write($cables)],
            'xml' => ['application/rdf+xml', CimFile::write($cables)],
            default => [
                'application/json',
                json_encode(
                    ['cables' => array_map(CableTypeFile::write(...), [...$cables])],
                    \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
                ),
            ],
        };

        return new Response(
            $content, headers: ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"cables.$format\""],
        );
    }

    #[Route('/api/cables/import', methods: ['POST'])]
    #[IsGranted(Permission::AddCable->value)]
    public function import(Request $request, ImportCables $importCables, #[CurrentUser] Person $person): JsonResponse
    {
        $keep = Keep::tryFrom(
            $request->query->getString('keep', Keep::Nothing->value),
        ) ?? throw BadDocument::because('keep', 'must be one of nothing, good, all.');

        return new JsonResponse(ImportJson::of($importCables(self::read($request), $keep, $person->who())));
    }

    private static function read(Request $request): CableImport
    {
        $content = $request->getContent();
        if (\strlen($content) > self::LARGEST_IMPORT) {
            return CableImport::unreadable('is larger than 5 MB: split it.');
        }
        $voltage = trim($request->query->getString('ratedVoltage'));

        return match ($request->getContentTypeFormat() ?? $request->headers->get('Content-Type')) {
            'json' => CableListFile::read($content),
            'rdf', 'xml', 'application/rdf+xml' => CimFile::read($content, '' === $voltage ? null : $voltage),
            default => CableTableFile::read($content),
        };
    }

    /** The types of this unit's world come first. */
    private static function unit(Request $request): LengthUnit
    {
        return LengthUnit::tryFrom($request->query->getString('unit')) ?? LengthUnit::Millimetre;
    }

    private static function search(Request $request): string
    {
        return mb_substr($request->query->getString('search'), 0, 120);
    }
}
