<?php

declare(strict_types=1);

namespace App\Http;

use App\UseCase\Storage;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The application's one page, the contract, the empty route that speed is measured against, and the one that needs every part. */
final readonly class Page
{
    public function __construct(private string $project, private Storage $storage)
    {
    }

    #[Route('/api/ping', methods: ['GET'])]
    public function ping(): JsonResponse
    {
        return new JsonResponse([]);
    }

    /** Whether what a page needs is there: this server, and a database that answers. */
    #[Route('/api/ready', methods: ['GET'])]
    public function ready(): JsonResponse
    {
        $this->storage->look();

        return new JsonResponse([]);
    }

    #[Route('/api/openapi.yaml', methods: ['GET'])]
    public function contract(): Response
    {
        return new Response($this->read('openapi.yaml'), headers: ['Content-Type' => 'application/yaml']);
    }

    /** The browser's router finds its way from here. */
    #[Route('/{path}', requirements: ['path' => '(?!api/|build/).*'], methods: ['GET'], priority: -1)]
    public function page(): Response
    {
        return new Response(
            $this->read('public/build/index.html'), headers: ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-cache'],
        );
    }

    private function read(string $path): string
    {
        $file = $this->project.'/'.$path;

        return is_file($file) ? (string) file_get_contents($file) : throw new NotFoundHttpException(
            "$path is not there: build the page with ./berm start.",
        );
    }
}
