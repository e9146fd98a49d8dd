<?php

declare(strict_types=1);

namespace App\Http;

use App\Hand\PackageFile;
use App\Hand\PackJob;
use App\Security\Permission;
use App\Security\Person;
use App\UseCase\LastHeard;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A job to be taken along to where there is no signal. */
final readonly class PackageController
{
    #[Route('/api/jobs/{id}/package', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function pack(string $id, PackJob $packJob, LastHeard $heard, #[CurrentUser] Person $person): JsonResponse
    {
        $package = $packJob($id, $person->who());
        if ($package->isTheirs) {
            $heard->tookAlong($id, $person->who(), $package->at);
        }

        return new JsonResponse(PackageFile::write($package));
    }
}
