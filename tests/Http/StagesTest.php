<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

/** A kit whose sheet has stages, on a cable with three cores: the demo's joint at Hollin Cross. */
final class StagesTest extends ApiTestCase
{
    #[Test]
    public function theNextThingIsWorkOnOneCoreAndTheCheckOfItIsJudgedThere(): void
    {
        $this->signIn('jointer');
        $job = $this->call('GET', '/api/jobs/'.self::STAGED);
        self::assertSame(
            ['work', 'stress', 'set', 'stress', 'A', 2],
            [
                self::at($job, 'next.task'),
                self::at($job, 'next.stage'),
                self::at($job, 'next.how'),
                self::at($job, 'next.part'),
                self::at($job, 'next.end'),
                self::at($job, 'next.core'),
            ],
        );
        $early = $this->write(self::STAGED, self::step('5.5'));
        self::assertSame(409, $early->getStatusCode(), 'nothing is measured on a tube that is not there');
        self::assertSame('First: {task}.', self::at($early, 'reason.template'));
        $this->write(self::STAGED, self::set());
        $answer = $this->after(self::STAGED, self::step('9.5'));
        self::assertSame([200, 'out'], [$answer->getStatusCode(), self::at($answer, 'stages.4.checks.1.answer.verdict')]);
        self::assertStringContainsString('out by {by:fine}', self::text($answer, 'stages.4.checks.1.answer.sentence.template'));
        self::assertTrue(self::at($this->after(self::STAGED, self::step('5.5')), 'stages.4.checks.1.done'));
    }

    #[Test]
    public function aStageThatIsNotDoneIsNotFinishedAndALaterOneDoesNotBegin(): void
    {
        $this->signIn('jointer');
        $early = $this->write(self::STAGED, ['kind' => 'stage-finished', 'stage' => 'stress']);
        self::assertSame(409, $early->getStatusCode());
        self::assertStringStartsWith('First: ', self::said($early, 'reason'));
        self::assertSame(409, $this->write(self::STAGED, ['kind' => 'connector-fitted', 'batch' => ''])->getStatusCode());
        self::assertSame(409, $this->write(self::STAGED, ['kind' => 'stage-finished', 'stage' => 'no-such'])->getStatusCode());
    }

    #[Test]
    public function onlyAnEngineerLetsACheckStandOrReleasesAHoldPoint(): void
    {
        $this->signIn('jointer');
        $this->write(self::STAGED, self::set());
        $this->write(self::STAGED, self::step('9.5'));
        $accept = [
            'kind' => 'check-accepted', 'stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 2, 'reason' => 'filled by hand',
        ];
        self::assertSame(403, $this->write(self::STAGED, $accept)->getStatusCode());
        self::assertSame(403, $this->write(self::STAGED, ['kind' => 'hold-released', 'stage' => 'close'])->getStatusCode());
        $this->signIn('engineer');
        $accepted = $this->after(self::STAGED, $accept);
        self::assertSame(
            [200, 'filled by hand', true],
            [
                $accepted->getStatusCode(), self::at($accepted, 'stages.4.checks.1.answer.accepted'),
                self::at($accepted, 'stages.4.checks.1.done'),
            ],
        );
        self::assertSame(
            409, $this->write(self::STAGED, ['kind' => 'hold-released', 'stage' => 'close'])->getStatusCode(), 'nothing to release yet',
        );
    }

    #[Test]
    public function theRecordTellsWhatWasCheckedOnWhichCore(): void
    {
        $this->signIn('jointer');
        self::assertSame(200, $this->call('GET', '/api/jobs/'.self::STAGED.'/record.pdf')->getStatusCode());
        $file = $this->call('GET', '/api/jobs/'.self::STAGED.'/record.json');
        self::assertStringContainsString('"kind":"check-made"', str_replace('": "', '":"', (string) $file->getContent()));
    }

    #[Test]
    public function whatIsTakenOffAgainHasToBeDoneAnewAndTheRecordSaysWhy(): void
    {
        $this->signIn('jointer');
        $this->write(self::STAGED, self::set());
        $this->write(self::STAGED, self::step('5.5'));
        $off = ['kind' => 'taken-off', ...array_diff_key(self::set(), ['kind' => 1]), 'reason' => 'scorched'];
        $after = $this->after(self::STAGED, $off);
        self::assertSame(['work', 'set', 2], [self::at($after, 'next.task'), self::at($after, 'next.how'), self::at($after, 'next.core')]);
        self::assertNull(self::at($after, 'stages.4.checks.1.answer'), 'what was measured on it is asked again');
        $reading = 'log.'.(\count(self::listAt($after, 'log')) - 2);
        self::assertSame([true, true], [self::at($after, "$reading.fallen"), self::at($after, "$reading.counts")]);
        self::assertSame(409, $this->write(self::STAGED, $off)->getStatusCode(), 'it is off already');
        self::assertSame(422, $this->write(self::STAGED, [...$off, 'reason' => ''])->getStatusCode());
        self::assertSame(409, $this->write(self::STAGED, [...self::set(), 'part' => 'no-such'])->getStatusCode());
        self::assertSame(422, $this->write(self::STAGED, [...self::set(), 'how' => 'cut'])->getStatusCode());
    }

    /** @return array<string, mixed> */
    private static function set(): array
    {
        return ['kind' => 'applied', 'stage' => 'stress', 'how' => 'set', 'part' => 'stress', 'end' => 'A', 'core' => 2];
    }

    /** @return array<string, mixed> */
    private static function step(string $typed): array
    {
        return [
            'kind' => 'check-made',
            'stage' => 'stress',
            'check' => 'step',
            'end' => 'A',
            'core' => 2,
            'reading' => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'steel-rule'],
        ];
    }
}
