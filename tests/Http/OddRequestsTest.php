<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Uid\Uuid;

/** Requests that no page makes: refused in words, with the field that is wrong, and never a failure of the server. */
final class OddRequestsTest extends ApiTestCase
{
    private const ODD = ['%ff%fe', '%00', '%E2%80%8B', '%E2%80%AE1', '-1', '99999999999999999999', '1e400', '%25%5F', '%27%20OR%201%3D1'];

    /** @return iterable<string, array{string, list<string>}> */
    public static function routes(): iterable
    {
        $job = '/api/jobs/'.self::HALF_CUT;
        foreach ([
            '/api/cables' => ['search', 'unit', 'page', 'perPage'], '/api/cables.csv' => ['search'],
            '/api/connectors' => ['search', 'page'],
            '/api/boxes' => ['kit', 'size', 'job', 'page'], '/api/tools' => ['page'], '/api/jobs' => ['page', 'perPage'],
            "$job/kits" => ['page'], "$job/connectors" => ['page'], "$job/record.pdf" => ['unit'],
        ] as $path => $keys) {
            yield $path => [$path, $keys];
        }
    }

    /** @param list<string> $keys */
    #[Test]
    #[DataProvider('routes')]
    public function anOddQueryIsAnsweredOrRefused(string $path, array $keys): void
    {
        $this->signIn('jointer');
        foreach ($keys as $key) {
            $queries = array_map(static fn (string $value): string => "$key=$value", [...self::ODD, str_repeat('x', 3000)]);
            foreach ([...$queries, "{$key}[]=1", "{$key}[a][b]=1"] as $query) {
                $this->browser->request('GET', "$path?$query");
                $answer = $this->browser->getResponse();
                self::assertContains(
                    $answer->getStatusCode(), [200, 400, 404, 422], "$query: ".substr((string) $answer->getContent(), 0, 300),
                );
                if (200 !== $answer->getStatusCode()) {
                    self::assertSame('application/problem+json', $answer->headers->get('Content-Type'), $query);
                }
            }
        }
    }

    /** @return iterable<string, array{string, string}> a name, and what is wrong with it */
    public static function names(): iterable
    {
        yield 'nothing that can be seen' => ["\u{200B}\u{2060}", 'is empty: fill it in.'];
        yield 'a mark that turns the direction of reading round' => ["Pit \u{202E}4", 'has signs that cannot be seen: type it anew.'];
        yield 'a separator of lines' => ["Pit\u{2028}4", 'has signs that cannot be seen: type it anew.'];
        yield 'a bell' => ["Pit\x074", 'must be plain text of at most 120 characters.'];
    }

    #[Test]
    #[DataProvider('names')]
    public function aNameIsOneThatCanBeRead(string $name, string $fault): void
    {
        $this->signIn('jointer');
        $answer = $this->call(
            'POST', '/api/jobs', ['id' => Uuid::v7()->toRfc4122(), 'name' => $name, 'function' => 'joint', 'unit' => 'mm'],
        );
        self::assertSame(422, $answer->getStatusCode());
        self::assertSame([['path' => 'name', 'message' => $fault]], self::at($answer, 'problems'));
    }

    /** @return iterable<string, array{string}> */
    public static function moments(): iterable
    {
        yield 'the year 1' => ['0001-01-01T00:00:00Z'];
        yield 'the year 9999' => ['9999-12-31T23:59:59Z'];
        yield 'tomorrow' => [(new \DateTimeImmutable('+2 days'))->format(\DATE_ATOM)];
    }

    #[Test]
    #[DataProvider('moments')]
    public function aConfirmationIsOfATimeThatCanBe(string $at): void
    {
        $this->signIn('jointer');
        $answer = $this->write(self::INCHES, [...self::safe(), 'confirmedAt' => $at]);
        self::assertSame(422, $answer->getStatusCode(), (string) $answer->getContent());
        self::assertSame('event.confirmedAt', self::at($answer, 'problems.0.path'));
    }

    #[Test]
    public function aKeyThatStandsTwiceIsRefused(): void
    {
        $this->signIn('jointer');
        $id = Uuid::v7()->toRfc4122();
        $answer = $this->call(
            'POST', '/api/jobs', "{\"id\": \"$id\", \"name\": \"One\", \"name\": \"Two\", \"function\": \"joint\", \"unit\": \"mm\"}",
        );
        self::assertSame(422, $answer->getStatusCode());
        self::assertStringContainsString('"name" stands twice', self::text($answer, 'problems.0.message'));
    }
}
