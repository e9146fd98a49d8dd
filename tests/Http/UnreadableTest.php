<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/** One row that cannot be read shows as such in its list, with its reason; the others stay. */
final class UnreadableTest extends ApiTestCase
{
    /** @return iterable<string, array{string, string, string, string}> what makes one, the list, its key, and how the row is called */
    public static function rows(): iterable
    {
        $body = '{"id": "a-bad-one", "function": "joint", "kind": "joint-connector"}';
        $sheet = static fn (string $kind): string => "INSERT INTO sheet
            (kind, sheet_id, revision, title, body, added_by, added_at, added_by_id, digest)
            VALUES ('$kind', 'a-bad-one', 1, 'A bad one', '$body', 'x', now(), 'x', repeat('0', 64))";
        yield 'a kit' => [$sheet('kit'), '/api/kits', 'kits', 'a-bad-one'];
        yield 'a connector' => [$sheet('connector'), '/api/connectors', 'connectors', 'a-bad-one'];
        yield 'a cable' => [$sheet('cable'), '/api/cables?search=bad', 'cables', 'A bad one'];
        yield 'a job' => [
            "UPDATE job SET plan = '{}' WHERE id = '".self::NO_FIT."'", '/api/jobs?perPage=50', 'jobs', 'Brinlow Mill · joint 1',
        ];
        yield 'a tool' => [
            "INSERT INTO tool (id, name, body, version) VALUES ('019aa1ff-0000-7000-8000-0000000000aa', 'A bad one', '{}', 1)",
            '/api/tools', 'tools', 'A bad one',
        ];
    }

    #[Test]
    #[DataProvider('rows')]
    public function itIsToldAndHidesNothingElse(string $sql, string $list, string $key, string $called): void
    {
        $this->signIn('jointer');
        $before = $this->call('GET', $list);
        self::assertSame([], self::at($before, 'unreadable'));
        self::getContainer()->get(Connection::class)->executeStatement($sql);
        $after = $this->call('GET', $list);
        self::assertSame(200, $after->getStatusCode());
        self::assertSame($called, self::at($after, 'unreadable.0.id'));
        self::assertNotSame('', self::text($after, 'unreadable.0.reason'));
        self::assertCount(\count(self::listAt($before, $key)) - ('jobs' === $key ? 1 : 0), self::listAt($after, $key), 'the others');
        self::assertSame(
            200, $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/kits')->getStatusCode(), 'nor is anybody kept from choosing',
        );
        self::assertSame(200, $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/connectors')->getStatusCode());
    }
}
