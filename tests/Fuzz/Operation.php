<?php

declare(strict_types=1);

namespace App\Tests\Fuzz;

use Symfony\Component\Yaml\Yaml;

/** One thing that the API does, as openapi.yaml has it. */
final readonly class Operation
{
    /**
     * @param list<array<mixed>> $parameters
     * @param array<mixed>|null  $body       schema
     */
    private function __construct(public string $method, public string $path, public array $parameters, public ?array $body)
    {
    }

    /** @return non-empty-list<self> */
    public static function all(): array
    {
        $contract = Yaml::parseFile(__DIR__.'/../../openapi.yaml');
        $schemas = new Schemas(\is_array($contract) ? $contract : []);
        $all = [];
        foreach ($schemas->at('paths') as $path => $item) {
            $shared = \is_array($item) ? $schemas->list($item['parameters'] ?? []) : [];
            foreach (\is_array($item) ? $item : [] as $method => $operation) {
                if (\is_array($operation) && \in_array($method, ['get', 'post', 'put', 'delete'], true)) {
                    $all[] = new self(
                        strtoupper($method), (string) $path, [...$shared, ...$schemas->list($operation['parameters'] ?? [])],
                        $schemas->bodyOf($operation),
                    );
                }
            }
        }

        return [] === $all ? throw new \LogicException('the contract has operations') : $all;
    }
}
