<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;

/** What was made where there was no signal: judged by what its author knew, and settled by them where somebody else answered meanwhile. */
final class LateEntriesTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    private const LOG = '/api/jobs/'.self::HALF_CUT.'/log';
    private const JOB = '/api/jobs/'.self::HALF_CUT;

    #[Test]
    public function twoDevicesMeasureTheSameAndTheLaterOnesAuthorIsAsked(): void
    {
        $clock = self::mockTime('2026-11-28T12:00:00Z');
        self::assertInstanceOf(MockClock::class, $clock);
        $mate = $this->aMate();
        $heard = \count(self::listAt($this->call('GET', self::JOB), 'log'));
        $later = $this->entry('57', '10:10', $heard);
        self::assertSame(201, $this->call('POST', self::LOG, $later)->getStatusCode());
        $this->signIn('jointer');
        $first = $this->entry('56.5', '10:05', $heard);
        self::assertSame(201, $this->call('POST', self::LOG, $first)->getStatusCode());
        $job = $this->call('GET', self::JOB);
        self::assertSame([['counts' => $first['id'], 'asked' => $later['id']]], self::unsettled($job));
        self::assertSame('56.5', self::measured($job));
        // Who wrote the first has nothing to say here; who wrote the other measures again.
        self::assertSame(409, $this->call('POST', self::LOG, ['id' => Uuid::v7()->toRfc4122(), 'event' => [
            'kind' => 'connector-fitted', 'batch' => '',
        ]])->getStatusCode());
        $this->signIn('mate', $mate);
        $clock->modify('+1 minute');
        $again = ['id' => Uuid::v7()->toRfc4122(), 'event' => $later['event']];
        self::assertSame(201, $this->call('POST', self::LOG, $again)->getStatusCode());
        $settled = $this->call('GET', self::JOB);
        self::assertSame([], self::unsettled($settled));
        self::assertSame('57', self::measured($settled));
        self::assertCount($heard + 3, self::listAt($settled, 'log'), 'nothing is thrown away');
    }

    /** The connector went on meanwhile: what was cut before it was cut before it. */
    #[Test]
    public function aLateEntryIsJudgedByWhatItsAuthorKnew(): void
    {
        self::mockTime('2026-11-28T12:00:00Z');
        $this->aMate();
        $heard = \count(self::listAt($this->call('GET', self::JOB), 'log'));
        self::assertSame(201, $this->call('POST', self::LOG, ['id' => Uuid::v7()->toRfc4122(), 'event' => [
            'kind' => 'left-safe', 'covered' => 'a bag, taped',
        ]])->getStatusCode());
        $this->signIn('jointer');
        $cut = $this->entry('56.5', '10:05', $heard);
        $now = array_diff_key($cut, ['heard' => 0]);
        self::assertSame(409, $this->call('POST', self::LOG, $now)->getStatusCode(), 'made now, it is too late');
        self::assertSame(201, $this->call('POST', self::LOG, $cut)->getStatusCode());
        $job = $this->call('GET', self::JOB);
        self::assertSame('56.5', self::measured($job));
        self::assertNotNull(self::at($job, 'left'), 'it was left after that');
    }

    #[Test]
    public function aPlanThatChangedMeanwhileIsLookedAtFirst(): void
    {
        self::mockTime('2026-11-28T12:00:00Z');
        $this->signIn('engineer');
        $before = $this->call('GET', self::JOB);
        $heard = \count(self::listAt($before, 'log'));
        $draft = self::at($before, 'draft');
        self::assertIsArray($draft);
        $version = self::at($before, 'version');
        self::assertIsInt($version);
        $ends = $draft['ends'];
        self::assertIsArray($ends);
        self::assertIsArray($ends['A']);
        $draft['ends'] = [...$ends, 'A' => [...$ends['A'], 'freeLength' => ['typed' => '2350', 'unit' => 'mm', 'instrument' => 'tape']]];
        self::assertSame(200, $this->call('PUT', self::JOB.'/plan', $draft, ['If-Match' => "\"$version\""])->getStatusCode());
        $this->signIn('jointer');
        $cut = $this->entry('56.5', '10:05', $heard);
        $refused = $this->call('POST', self::LOG, $cut);
        self::assertSame(409, $refused->getStatusCode());
        self::assertStringContainsString('changed the plan meanwhile', (string) $refused->getContent());
        $again = [...$cut, 'heard' => $heard + 1];
        self::assertSame(201, $this->call('POST', self::LOG, $again)->getStatusCode());
    }

    #[Test]
    public function howManyLinesWereHeardOfIsANumber(): void
    {
        $this->signIn('jointer');
        foreach ([-1, 'all', 1.5] as $heard) {
            $answer = $this->call('POST', self::LOG, [...$this->entry('56.5', null, 0), 'heard' => $heard]);
            self::assertSame(422, $answer->getStatusCode());
            self::assertSame('heard', self::at($answer, 'problems.0.path'));
        }
    }

    /** A second jointer of the job, signed in. @return string their password */
    private function aMate(): string
    {
        $this->signIn('administrator');
        $added = $this->call('POST', '/api/people', ['name' => 'mate', 'shownAs' => 'Orrin Vale', 'role' => 'jointer']);
        $this->signIn('engineer');
        $crew = $this->call('PUT', self::JOB.'/crew', ['people' => ['jointer', 'engineer', 'mate']]);
        self::assertSame(200, $crew->getStatusCode(), (string) $crew->getContent());
        $password = 'a long enough password';
        $this->signIn('mate', self::text($added, 'oneTimePassword'));
        $chosen = $this->call('PUT', '/api/own-password', ['old' => self::text($added, 'oneTimePassword'), 'new' => $password]);
        self::assertSame(200, $chosen->getStatusCode(), (string) $chosen->getContent());
        $this->signIn('mate', $password);

        return $password;
    }

    /** @return array<string, mixed> */
    private function entry(string $typed, ?string $doneAt, int $heard): array
    {
        $times = null === $doneAt ? [] : ['madeAt' => "2026-11-28T$doneAt:00Z", 'sentAt' => '2026-11-28T12:00:00Z'];

        return ['id' => Uuid::v7()->toRfc4122(), 'event' => self::cut('A', 'insulation', $typed), 'heard' => $heard, ...$times];
    }

    /** @return list<array{counts: mixed, asked: mixed}> */
    private static function unsettled(Response $job): array
    {
        return array_map(static function (mixed $one): array {
            self::assertIsArray($one);

            return ['counts' => $one['counts'], 'asked' => $one['asked']];
        }, array_values(self::listAt($job, 'unsettled')));
    }

    private static function measured(Response $job): string
    {
        foreach (self::listAt($job, 'markOut.marks') as $mark) {
            if (\is_array($mark) && 'A' === $mark['end'] && 'insulation' === $mark['cut']) {
                self::assertIsArray($mark['recorded']);
                self::assertIsString($mark['recorded']['typed']);

                return $mark['recorded']['typed'];
            }
        }
        self::fail('the cut is marked out');
    }
}
