<?php

declare(strict_types=1);

namespace App\Tests\Fuzz;

/** The contract, with what it refers to put in its place. */
final readonly class Schemas
{
    private const DEEPEST = 7;

    /** @param array<mixed> $contract */
    public function __construct(private array $contract)
    {
    }

    /** @return array<mixed> what stands at a path such as "components/schemas/Job" */
    public function at(string $path): array
    {
        $place = $this->contract;
        foreach (explode('/', $path) as $key) {
            $place = \is_array($place[$key] ?? null) ? $place[$key] : [];
        }

        return $place;
    }

    /** @return list<array<mixed>> */
    public function list(mixed $items): array
    {
        $whole = \is_array($items) ? array_map($this->whole(...), array_values($items)) : [];

        return array_values(array_filter($whole, \is_array(...)));
    }

    /**
     * @param array<mixed> $operation
     *
     * @return array<mixed>|null
     */
    public function bodyOf(array $operation): ?array
    {
        $body = $this->whole($operation['requestBody'] ?? null);
        $content = \is_array($body) && \is_array($body['content'] ?? null) ? reset($body['content']) : null;

        return \is_array($content) && \is_array($content['schema'] ?? null) ? $content['schema'] : null;
    }

    private function whole(mixed $node, int $depth = 0): mixed
    {
        if (!\is_array($node)) {
            return $node;
        }
        if (\is_string($node['$ref'] ?? null)) {
            return $depth > self::DEEPEST ? [] : $this->whole($this->at(substr($node['$ref'], 2)), $depth + 1);
        }

        return array_map(fn (mixed $inner): mixed => $this->whole($inner, $depth), $node);
    }
}
