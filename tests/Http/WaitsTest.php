<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

/** What waits for whom, over every job. */
final class WaitsTest extends ApiTestCase
{
    private const CALL = '019aa1ff-0000-7000-8000-0000000ca110';

    #[Test]
    public function aCallWaitsForAnEngineerAndItsAnswerForWhoeverCalled(): void
    {
        $this->signIn('jointer');
        $called = $this->write(self::HALF_CUT, ['kind' => 'called', 'about' => 'question', 'note' => 'Is this lead?'], self::CALL);
        self::assertSame(201, $called->getStatusCode(), (string) $called->getContent());
        self::assertSame(['engineer', 'Wren Addlery', null, 'build'], $this->wait());
        $answer = ['kind' => 'answered', 'call' => self::CALL, 'answer' => 'Yes: gloves.'];
        self::assertSame(403, $this->write(self::HALF_CUT, $answer)->getStatusCode(), 'not who called');

        $this->signIn('engineer');
        self::assertSame(201, $this->write(self::HALF_CUT, $answer)->getStatusCode());
        self::assertSame(['jointer', 'Tamsin Oake', 'Wren Addlery', 'build'], $this->wait());
        self::assertSame(409, $this->write(self::HALF_CUT, $answer)->getStatusCode(), 'it is answered once');
        self::assertSame('Yes: gloves.', self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'calls.0.answer.text'));
    }

    #[Test]
    public function oneQuestionLooksAtAFewJobsAndTellsHowManyItDidNotLookAt(): void
    {
        $this->signIn('engineer');
        $jobs = self::at($this->call('GET', '/api/jobs?perPage=1'), 'total');
        self::assertIsInt($jobs);
        self::assertSame(
            $jobs - 10, self::at($this->call('GET', '/api/waits'), 'unseen'), 'nothing is kept between two questions of a test',
        );
    }

    #[Test]
    public function whoIsNotSignedInIsToldNothing(): void
    {
        self::assertSame(401, $this->call('GET', '/api/waits')->getStatusCode());
    }

    /** @return array{mixed, mixed, mixed, mixed} who, by whom, whom by name and where: of the job that was written to last */
    private function wait(): array
    {
        $answer = $this->call('GET', '/api/waits');
        foreach (array_keys(self::listAt($answer, 'waits')) as $i) {
            if (self::HALF_CUT === self::at($answer, "waits.$i.job.id") && null !== self::at($answer, "waits.$i.by")) {
                return [
                    self::at($answer, "waits.$i.who"), self::at($answer, "waits.$i.by"), self::at($answer, "waits.$i.for"),
                    self::at($answer, "waits.$i.step"),
                ];
            }
        }
        self::fail((string) $answer->getContent());
    }
}
