<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** openapi.yaml, held against every response of the tests. */
final class Contract
{
    /** @var array<mixed>|null */
    private static ?array $contract = null;

    public static function assertKept(string $method, string $path, Response $response): void
    {
        $declared = self::operation(strtolower($method), $path)['responses'] ?? [];
        $status = (string) $response->getStatusCode();
        Assert::assertIsArray($declared);
        Assert::assertArrayHasKey(
            $status,
            $declared,
            "$method $path answers $status, which the contract does not have: ".substr((string) $response->getContent(), 0, 600),
        );
        $answer = self::resolved($declared[$status]);
        if (!isset($answer['content'])) {
            Assert::assertSame('', $response->getContent());

            return;
        }
        $type = trim(explode(';', (string) $response->headers->get('Content-Type'))[0]);
        Assert::assertIsArray($answer['content']);
        Assert::assertArrayHasKey($type, $answer['content'], "$method $path answers with $type");
        if (str_ends_with($type, 'json')) {
            $content = $answer['content'][$type];
            Assert::assertIsArray($content);
            self::assertValid($content['schema'] ?? [], (string) $response->getContent(), "$method $path");
        }
    }

    private static function assertValid(mixed $schema, string $json, string $what): void
    {
        $document = json_decode(
            json_encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'components' => self::contract()['components'] ?? [],
                    'allOf' => [$schema],
                ],
                \JSON_THROW_ON_ERROR,
            ),
            false,
            512,
            \JSON_THROW_ON_ERROR,
        );
        Assert::assertIsObject($document);
        $result = (new Validator())->validate(json_decode($json, false, 512, \JSON_THROW_ON_ERROR), $document);
        $error = $result->error();
        Assert::assertNull(
            $error,
            null === $error ? '' : "$what breaks the contract: ".json_encode((new ErrorFormatter())->format($error), \JSON_PRETTY_PRINT),
        );
    }

    /** @return array<mixed> */
    private static function operation(string $method, string $path): array
    {
        $paths = self::contract()['paths'] ?? [];
        Assert::assertIsArray($paths);
        foreach ($paths as $template => $operations) {
            $pattern = '#\A'.preg_replace('#\\\{\w+\\\}#', '[^/]+', preg_quote((string) $template, '#')).'\z#';
            if (1 === preg_match($pattern, $path) && \is_array($operations) && \is_array($operations[$method] ?? null)) {
                return $operations[$method];
            }
        }
        Assert::fail("the contract has no $method $path");
    }

    /** @return array<mixed> */
    private static function resolved(mixed $answer): array
    {
        Assert::assertIsArray($answer);
        if (!\is_string($answer['$ref'] ?? null)) {
            return $answer;
        }
        $place = self::contract();
        foreach (explode('/', substr($answer['$ref'], 2)) as $key) {
            $place = \is_array($place) ? $place[$key] ?? null : null;
        }
        Assert::assertIsArray($place);

        return $place;
    }

    /** @return array<mixed> */
    private static function contract(): array
    {
        $contract = self::$contract ??= (array) Yaml::parseFile(\dirname(__DIR__, 2).'/openapi.yaml');

        return $contract;
    }
}
