<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

final class ConnectorTest extends ApiTestCase
{
    private const LUG = [
        'id' => 'example-lug-95', 'revision' => 1, 'name' => 'Example lug 95', 'maker' => 'Example', 'kind' => 'lug', 'fixing' => 'crimp',
        'materials' => ['copper'],
        'conductor' => ['min' => '95 mm²', 'max' => '95 mm²'], 'bore' => '13.5 mm', 'boreDepth' => '50 mm', 'diameter' => '19 mm',
        'length' => '56 mm',
        'pad' => ['width' => '28 mm', 'holes' => 1, 'hole' => '13 mm'], 'method' => 'As its maker says.',
    ];

    #[Test]
    public function aConnectorIsTakenInAndChangedRevisionByRevision(): void
    {
        $this->signIn('jointer');
        self::assertSame(403, $this->call('POST', '/api/connectors', self::LUG)->getStatusCode());
        $this->signIn('engineer');
        $added = $this->call('POST', '/api/connectors', self::LUG);
        self::assertSame([201, 'Example lug 95'], [$added->getStatusCode(), self::at($added, 'name')]);
        $again = $this->call('POST', '/api/connectors', self::LUG);
        self::assertSame(
            [422, 'revision', 'is 1: the next revision of this sheet is 2.'],
            [$again->getStatusCode(), self::at($again, 'problems.0.path'), self::at($again, 'problems.0.message')],
        );
        self::assertSame(
            201, $this->call('POST', '/api/connectors', [...self::LUG, 'revision' => 2, 'name' => 'Example lug 95, long'])->getStatusCode(),
        );
        $found = $this->call('GET', '/api/connectors?search=example+lug');
        self::assertSame(
            [1, 'Example lug 95, long', 2],
            [self::at($found, 'total'), self::at($found, 'connectors.0.name'), self::at($found, 'connectors.0.revision')],
        );
    }

    #[Test]
    public function aBadSheetIsRefusedWithEveryFault(): void
    {
        $this->signIn('engineer');
        $bad = $this->call(
            'POST',
            '/api/connectors',
            [...self::LUG, 'bore' => '13.5', 'fixing' => 'glue', 'pad' => ['width' => '28 mm', 'holes' => 0, 'hole' => '13 mm']],
        );
        self::assertSame(422, $bad->getStatusCode());
        self::assertSame(['fixing', 'bore', 'pad.holes'], array_column(self::listAt($bad, 'problems'), 'path'));
        self::assertSame(0, self::at($this->call('GET', '/api/connectors?search=example'), 'total'));
    }

    #[Test]
    public function aNewConnectorIsRankedWithTheOthers(): void
    {
        $this->signIn('engineer');
        $before = self::at($this->call('GET', '/api/jobs/'.self::NO_FIT.'/connectors'), 'total');
        self::assertSame(
            201,
            $this->call(
                'POST',
                '/api/connectors',
                [...array_diff_key(self::LUG, ['pad' => 0]), 'id' => 'example-joint-95', 'kind' => 'joint-connector', 'length' => '110 mm'],
            )->getStatusCode(),
        );
        self::assertSame(
            (int) (is_numeric($before) ? $before : 0) + 1, self::at($this->call('GET', '/api/jobs/'.self::NO_FIT.'/connectors'), 'total'),
        );
    }

    #[Test]
    public function aPageFarBeyondTheLastIsEmptyInEveryList(): void
    {
        $this->signIn('engineer');
        foreach ([
            '/api/jobs' => 'jobs',
            '/api/cables' => 'cables',
            '/api/connectors' => 'connectors',
            '/api/boxes' => 'boxes',
            '/api/tools' => 'tools',
            '/api/jobs/'.self::NO_FIT.'/kits' => 'choices',
        ] as $path => $list) {
            $answer = $this->call('GET', $path.'?page='.\PHP_INT_MAX);
            self::assertSame([200, []], [$answer->getStatusCode(), self::listAt($answer, $list)], $path);
        }
    }
}
