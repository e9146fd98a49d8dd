<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Permission;
use App\UseCase\Sheets;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Revision;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class SheetController
{
    public function __construct(private Sheets $sheets)
    {
    }

    /** Sheets as their open files. */
    #[Route(
        '/api/{kind}/{id}/{revision}', requirements: ['kind' => 'cables|kits|connectors', 'revision' => '[1-9]\d{0,5}'], methods: ['GET'],
    )]
    #[IsGranted(Permission::Read->value)]
    public function file(string $kind, string $id, int $revision): JsonResponse
    {
        $wanted = Revision::of($id, $revision);

        return new JsonResponse(match ($kind) {
            'kits' => KitSheetFile::write($this->sheets->kit($wanted)),
            'connectors' => ConnectorFile::write($this->sheets->connector($wanted)),
            default => CableTypeFile::write($this->sheets->cable($wanted)),
        });
    }
}
