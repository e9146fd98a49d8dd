<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/** What cannot be an entry of this job is refused with the reason, and the rest goes on. */
final class BadEntriesTest extends ApiTestCase
{
    private const ID = '019aa1ff-0000-7000-8000-0000000bad01';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('jointer');
    }

    #[Test]
    public function anEntryForAnotherJobIsRefused(): void
    {
        self::assertSame(201, $this->write(self::HALF_CUT, self::note('here'), self::ID)->getStatusCode());
        $elsewhere = $this->write(self::INCHES, self::note('here'), self::ID);
        self::assertSame([409, '/problems/taken'], [$elsewhere->getStatusCode(), self::at($elsewhere, 'type')]);
        $other = $this->write(self::HALF_CUT, self::note('something else'), self::ID);
        self::assertSame(409, $other->getStatusCode(), 'nor can it become another entry');
        $nowhere = $this->write('019aa1ff-0000-7000-8000-0000000000ff', self::note('n'));
        self::assertContains($nowhere->getStatusCode(), [403, 404]);
        $this->theRestGoesOn();
    }

    #[Test]
    public function anEntryFromTheFutureIsRefusedAtItsField(): void
    {
        $future = (new \DateTimeImmutable('+2 hours'))->format(\DATE_ATOM);
        $done = $this->sent(self::note('n'), ['doneAt' => $future]);
        self::assertSame([422, 'doneAt'], [$done->getStatusCode(), self::at($done, 'problems.0.path')]);
        $made = $this->sent(self::note('n'), [
            'madeAt' => (new \DateTimeImmutable(
                '+1 minute',
            ))->format(\DATE_ATOM), 'sentAt' => (new \DateTimeImmutable())->format(\DATE_ATOM),
        ]);
        self::assertSame(422, $made->getStatusCode(), 'sent before it was made');
        $safe = $this->sent([...self::safe(), 'confirmedAt' => (new \DateTimeImmutable('+2 days'))->format(\DATE_ATOM)]);
        self::assertSame([422, 'event.confirmedAt'], [$safe->getStatusCode(), self::at($safe, 'problems.0.path')]);
        $this->theRestGoesOn();
    }

    #[Test]
    public function anEntryForAStepThatDoesNotExistIsRefused(): void
    {
        foreach ([
            ['kind' => 'applied', 'stage' => 'gone', 'how' => 'set', 'part' => 'stress-tube', 'end' => 'A'],
            ['kind' => 'check-made', 'stage' => 'gone', 'check' => 'gone', 'seen' => true],
            ['kind' => 'stage-finished', 'stage' => 'gone'],
            ['kind' => 'part-parked', 'end' => 'A', 'part' => 'gone'],
            ['kind' => 'noted', 'note' => 'n', 'stage' => 'gone'],
        ] as $event) {
            $refused = $this->write(self::STAGED, $event);
            self::assertSame(409, $refused->getStatusCode(), $event['kind']);
            self::assertNotSame('', self::said($refused, 'reason'), $event['kind']);
        }
        $unknown = $this->write(self::STAGED, ['kind' => 'painted']);
        self::assertSame([422, 'event.kind'], [$unknown->getStatusCode(), self::at($unknown, 'problems.0.path')]);
        $this->theRestGoesOn();
    }

    #[Test]
    public function anEntryBySomeoneWithoutTheRightIsRefused(): void
    {
        self::assertSame(
            403, $this->write(self::HALF_CUT, ['kind' => 'found-accepted', 'found' => self::ID, 'reason' => 'r'])->getStatusCode(),
        );
        $this->signIn('trainer');
        self::assertSame(403, $this->write(self::HALF_CUT, self::safe())->getStatusCode());
        $this->signIn('jointer');
        $this->theRestGoesOn();
    }

    private function theRestGoesOn(): void
    {
        self::assertSame(201, $this->write(self::HALF_CUT, self::note('All the same, this.'))->getStatusCode());
    }

    /**
     * @param array<string, mixed>  $event
     * @param array<string, string> $times
     */
    private function sent(array $event, array $times = []): Response
    {
        return $this->call('POST', '/api/jobs/'.self::HALF_CUT.'/log', ['id' => self::ID, 'event' => $event, ...$times]);
    }

    /** @return array<string, string> */
    private static function note(string $text): array
    {
        return ['kind' => 'noted', 'note' => $text];
    }
}
