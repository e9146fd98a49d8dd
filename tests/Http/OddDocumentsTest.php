<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/** Documents of shapes that no page sends: refused or kept with what is wrong, and what was kept can be read again. */
final class OddDocumentsTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> */
    public static function drafts(): iterable
    {
        $sheet = json_decode(
            (string) file_get_contents(__DIR__.'/../../demo/kits/quillon-straight-12.json'), true, 64, \JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($sheet);
        $with = static fn (string $key, mixed $value): string => json_encode([...$sheet, $key => $value], \JSON_THROW_ON_ERROR);
        yield 'nothing' => [''];
        yield 'a list' => ['[1, 2]'];
        yield 'a number' => ['7'];
        yield 'a list of lists' => ['[[[]]]'];
        yield 'numbers for keys' => ['{"1": 2, "3": {"4": []}}'];
        yield 'an empty key' => ['{"": 1}'];
        foreach ([
            'id', 'revision', 'name', 'function', 'sizes', 'cuts', 'parts', 'contents', 'stages', 'shelf', 'cores', 'insulations', 'endB',
        ] as $key) {
            yield "$key is a number" => [$with($key, 3)];
            yield "$key is a list" => [$with($key, [[1], 'x', null])];
            yield "$key has numbers for keys" => [$with($key, ['1' => ['2' => ['3' => 'x']], '7' => 5])];
            yield "$key is true" => [$with($key, true)];
        }
        foreach (['parts', 'dimensions'] as $key) {
            $sizes = $sheet['sizes'];
            self::assertTrue(\is_array($sizes) && \is_array($sizes[0]));
            yield "$key of a size is a list" => [$with('sizes', [[...$sizes[0], $key => ['1 mm', ['length' => '2 mm']]]])];
            yield "$key of a size has numbers for keys" => [
                $with('sizes', [[...$sizes[0], $key => ['5' => '1 mm', '6' => ['length' => []]]]]),
            ];
        }
    }

    #[Test]
    #[DataProvider('drafts')]
    public function anOddDraftIsKeptAndReadAgain(string $text): void
    {
        $this->signIn('engineer');
        $put = $this->call('PUT', '/api/kit-drafts/odd-12', $text, ['If-Match' => '"0"', 'Content-Type' => 'text/plain']);
        self::assertContains($put->getStatusCode(), [200, 201, 422], (string) $put->getContent());
        $got = $this->call('GET', '/api/kit-drafts/odd-12');
        self::assertSame(422 === $put->getStatusCode() ? 404 : 200, $got->getStatusCode());
        self::assertSame(200, $this->call('GET', '/api/kits')->getStatusCode());
    }
}
