<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

/** A kit whose sheet has stages, on a cable with three cores: the demo's joint at Hollin Cross. */
final class StagesTest extends ApiTestCase
{
    #[Test]
    public function theNextThingIsACheckOfOneCoreAndItsAnswerIsJudgedThere(): void
    {
        $this->signIn('jointer');
        $job = $this->call('GET', '/api/jobs/'.self::STAGED);
        self::assertSame(
            ['check', 'stress', 'step', 'A', 2],
            [
                self::at($job, 'next.task'),
                self::at($job, 'next.stage'),
                self::at($job, 'next.check'),
                self::at($job, 'next.end'),
                self::at($job, 'next.core'),
            ],
        );
        $answer = $this->after(self::STAGED, self::step('9.5'));
        self::assertSame([200, 'out'], [$answer->getStatusCode(), self::at($answer, 'stages.4.checks.1.answer.verdict')]);
        self::assertStringContainsString('out by {by:fine}', self::text($answer, 'stages.4.checks.1.answer.sentence.template'));
        self::assertSame('A', self::at($answer, 'next.end'), 'it comes back until it is right');
        self::assertSame(2, self::at($answer, 'next.core'));
        self::assertSame(3, self::at($this->after(self::STAGED, self::step('5.5')), 'next.core'));
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
        $this->write(self::STAGED, self::step('9.5'));
        $accept = [
            'kind' => 'check-accepted', 'stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 2, 'reason' => 'filled by hand',
        ];
        self::assertSame(403, $this->write(self::STAGED, $accept)->getStatusCode());
        self::assertSame(403, $this->write(self::STAGED, ['kind' => 'hold-released', 'stage' => 'close'])->getStatusCode());
        $this->signIn('engineer');
        $accepted = $this->after(self::STAGED, $accept);
        self::assertSame(
            [200, 'filled by hand', 3],
            [$accepted->getStatusCode(), self::at($accepted, 'stages.4.checks.1.answer.accepted'), self::at($accepted, 'next.core')],
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
