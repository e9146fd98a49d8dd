<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;

final class ToolTest extends ApiTestCase
{
    #[Test]
    public function aToolIsNamedForAJobItsLogKeepsItAsItWasAndTheFitJudgesIt(): void
    {
        $this->signIn('engineer');
        $plan = self::listAt($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'draft');
        self::assertSame(
            200, $this->plan(self::HALF_CUT, 2, [...$plan, 'connector' => ['id' => 'brasswick-al-150', 'revision' => 1]])->getStatusCode(),
        );
        $this->signIn('jointer');
        $tools = $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/tools');
        self::assertSame(['Battery press 1', 'fits'], [self::at($tools, 'tools.0.tool.name'), self::at($tools, 'tools.0.outcome')]);
        $outcomes = array_column(self::listAt($tools, 'tools'), 'outcome');
        self::assertContains('does-not-fit', $outcomes, 'the other press has no such die, and its calibration ran out');
        [$press, $entry] = [self::text($tools, 'tools.0.tool.id'), Uuid::v7()->toRfc4122()];
        self::assertSame([201, 201], [$this->take($press, $entry), $this->take($press, $entry)], 'sent twice, said once');
        $named = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        self::assertSame(['fits', 'fits'], [self::outcomeOf($named, 'die'), self::outcomeOf($named, 'calibration')]);
        $last = \count(self::listAt($named, 'log')) - 1;
        self::assertSame(
            ['tool-taken', 'BP-0417'], [self::at($named, "log.$last.event.kind"), self::at($named, "log.$last.event.tool.serial")],
        );
        self::assertSame(
            422,
            $this->write(
                self::HALF_CUT, ['kind' => 'tool-taken', 'tool' => ['id' => 'x', 'kind' => 'crimp-press', 'name' => 'x', 'dies' => ['x']]],
            )->getStatusCode(),
            'only the server says so',
        );
        $kinds = array_map(static fn (mixed $line): mixed => ((array) $line)['id'] ?? null, self::listAt($named, 'log'));
        self::assertCount(1, array_keys($kinds, $entry, true));
        self::assertSame([404, 422], [$this->take(Uuid::v7()->toRfc4122(), Uuid::v7()->toRfc4122()), $this->take($press, 'x')]);
    }

    #[Test]
    public function aStorekeeperWritesToolsDownAndRenewsTheirCalibration(): void
    {
        $this->signIn('jointer');
        $press = ['id' => Uuid::v7()->toRfc4122(), 'kind' => 'crimp-press', 'name' => 'New press', 'dies' => ['hexagonal, Al 240']];
        self::assertSame(403, $this->call('POST', '/api/tools', $press)->getStatusCode());
        $this->signIn('storekeeper');
        $added = $this->call('POST', '/api/tools', $press);
        self::assertSame(
            [201, null, false], [$added->getStatusCode(), self::at($added, 'calibratedUntil'), self::at($added, 'isOutOfCalibration')],
        );
        self::assertSame(201, $this->call('POST', '/api/tools', $press)->getStatusCode(), 'the same, sent twice');
        self::assertSame(409, $this->call('POST', '/api/tools', [...$press, 'name' => 'Another'])->getStatusCode());
        self::assertSame(428, $this->call('PUT', "/api/tools/{$press['id']}/calibration", ['until' => '2027-01-01'])->getStatusCode());
        $renewed = $this->calibrate($press['id'], '2020-02-29');
        self::assertSame([200, true], [$renewed->getStatusCode(), self::at($renewed, 'isOutOfCalibration')]);
        self::assertSame(409, $this->calibrate($press['id'], '2027-02-28')->getStatusCode(), 'somebody else renewed it meanwhile');
        self::assertSame('until', self::text($this->calibrate($press['id'], '2027-02-29', 2), 'problems.0.path'), 'no such day');
        self::assertSame(404, $this->calibrate(Uuid::v7()->toRfc4122(), '2027-02-28')->getStatusCode());
        $names = array_column(self::listAt($this->call('GET', '/api/tools'), 'tools'), 'name');
        $sorted = $names;
        sort($sorted);
        self::assertSame([$sorted, 5], [$names, \count($names)]);
        $wrench = $this->call(
            'POST',
            '/api/tools',
            ['id' => Uuid::v7()->toRfc4122(), 'kind' => 'torque-wrench', 'name' => 'W', 'least' => '50 N·m', 'most' => 'ten'],
        );
        self::assertSame([422, 'most'], [$wrench->getStatusCode(), self::at($wrench, 'problems.0.path')]);
    }

    private function take(string $tool, string $entry): int
    {
        return $this->call('POST', '/api/jobs/'.self::HALF_CUT."/tools/$tool", ['id' => $entry])->getStatusCode();
    }

    private function calibrate(string $id, string $until, int $version = 1): Response
    {
        return $this->call('PUT', "/api/tools/$id/calibration", ['until' => $until], ['If-Match' => "\"$version\""]);
    }

    private static function outcomeOf(Response $job, string $criterion): string
    {
        $outcomes = array_column(self::listAt($job, 'fit.connector.findings'), 'outcome', 'criterion');

        return \is_string($outcomes[$criterion] ?? null) ? $outcomes[$criterion] : '';
    }
}
