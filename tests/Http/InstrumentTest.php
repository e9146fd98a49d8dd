<?php

declare(strict_types=1);

namespace App\Tests\Http;

use App\Device\LabelPen;
use App\Device\LabelReader;
use App\Device\LengthGauge;
use App\Device\Press;
use App\Device\StandIn;
use App\Device\ThermoHygrometer;
use App\Device\TorqueWrench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;

/** What instruments send lands in the step that is open for the person whose token they have, or is offered there. */
final class InstrumentTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    private const PAGE = '019aa1ff-0000-7000-8000-00000000aa01';
    private const OTHER_PAGE = '019aa1ff-0000-7000-8000-00000000aa02';

    private MockClock $clock;

    protected function setUp(): void
    {
        parent::setUp();
        $clock = self::mockTime('now');
        self::assertInstanceOf(MockClock::class, $clock);
        $this->clock = $clock;
        $this->signIn('jointer');
    }

    #[Test]
    public function whereNothingSpeaksForSomebodyNoPageWaits(): void
    {
        self::assertFalse(self::at($this->open(self::PAGE), 'paired'));
        $this->token();
        self::assertTrue(self::at($this->open(self::PAGE), 'paired'));
        $this->signIn('engineer');
        self::assertFalse(self::at($this->open(self::PAGE), 'paired'));
    }

    /** @return iterable<string, array{StandIn, string, string, mixed}> */
    public static function standIns(): iterable
    {
        yield 'caliper' => [LengthGauge::caliper(), '59.5', 'reading.typed', '59.51'];
        yield 'diameter tape' => [LengthGauge::diameterTape(), '1 in', 'reading.typed', '25.35'];
        yield 'torque wrench' => [new TorqueWrench(), '45 N·m', 'torque', '45.2 N·m'];
        yield 'press' => [new Press(), 'B 25', 'press.die', 'B 25'];
        yield 'thermo-hygrometer' => [new ThermoHygrometer(), '14 71', 'air.humidity', 71];
        yield 'label reader' => [new LabelPen(new LabelReader(__DIR__.'/../../demo/labels.txt')), '(10) Q26', 'label', '(10) Q26'];
    }

    #[Test]
    #[DataProvider('standIns')]
    public function eachStandInSaysWhatIsBeforeIt(StandIn $standIn, string $before, string $path, mixed $says): void
    {
        $token = $this->token();
        self::assertSame(202, $this->report($token, $standIn->read($before))->getStatusCode());
        $sent = $this->open(self::PAGE);
        self::assertSame([$says, true], [self::at($sent, "readings.0.$path"), self::at($sent, 'readings.0.enters')]);
        self::assertNotSame('', self::at($sent, 'readings.0.sentBy.serial'));
    }

    #[Test]
    public function whatThePageEntersIsJudgedByTheInstrumentsOwnRecord(): void
    {
        $token = $this->token();
        $by = ['serial' => 'K-9', 'calibratedUntil' => '2026-01-31', 'uncertainty' => '0.9 mm'];
        $this->report($token, ['sentBy' => $by] + self::length('55.8'));
        $sent = $this->open(self::PAGE);
        self::assertSame([true, false], [self::at($sent, 'readings.0.outOfCalibration'), self::at($sent, 'readings.0.enters')]);
        $reading = self::at($sent, 'readings.0.reading');
        $job = $this->after(self::HALF_CUT, ['kind' => 'cut-measured', 'end' => 'A', 'cut' => 'insulation', 'reading' => $reading]);
        $first = self::listAt($job, 'markOut.marks')[3];
        self::assertIsArray($first);
        $recorded = $first['recorded'];
        self::assertIsArray($recorded);
        self::assertSame('caliper K-9, OUT OF CALIBRATION since 31 Jan 2026', $recorded['byWhat']);
        self::assertIsArray($recorded['judgement']);
        self::assertSame([0.9, 'not-proved'], [$recorded['judgement']['uncertaintyMm'], $recorded['judgement']['verdict']]);
    }

    #[Test]
    public function whatIsOldOrHasTwoPagesIsOfferedAndNotEntered(): void
    {
        $token = $this->token();
        $this->open(self::PAGE);
        $this->report($token, self::length('59.5'));
        self::assertTrue(self::at($this->open(self::PAGE), 'readings.0.enters'));
        $this->open(self::OTHER_PAGE);
        $two = $this->open(self::PAGE);
        self::assertSame([2, false], [self::at($two, 'pages'), self::at($two, 'readings.0.enters')]);
        $this->clock->modify('+8 seconds');
        self::assertTrue(self::at($this->open(self::PAGE), 'readings.0.enters'), 'the other page has gone');
        $this->clock->modify('+23 seconds');
        $late = $this->open(self::PAGE);
        self::assertSame([31, false], [self::at($late, 'readings.0.ageSeconds'), self::at($late, 'readings.0.enters')]);
    }

    /** A bridge that lost its connection sends later what was read before; its own clock may be wrong altogether. */
    #[Test]
    public function howOldAReadingIsFollowsFromTheBridgesOwnClock(): void
    {
        $token = $this->token();
        $this->report($token, self::length('59.5'), readAt: '2020-01-01T00:00:00Z', sentAt: '2020-01-01T00:00:40Z');
        $late = $this->open(self::PAGE);
        self::assertSame([40, false], [self::at($late, 'readings.0.ageSeconds'), self::at($late, 'readings.0.enters')]);
        $old = $this->report($token, self::length('59.5'), readAt: '2020-01-01T00:00:00Z', sentAt: '2020-01-01T00:10:01Z');
        self::assertSame([422, 'sentBy.readAt'], [$old->getStatusCode(), self::at($old, 'problems.0.path')]);
        $ahead = $this->report($token, self::length('59.5'), readAt: '2020-01-01T00:00:01Z', sentAt: '2020-01-01T00:00:00Z');
        self::assertSame([422, 'sentBy.readAt'], [$ahead->getStatusCode(), self::at($ahead, 'problems.0.path')]);
    }

    #[Test]
    public function whatAPageHasTakenIsGoneAndSentTwiceIsThereOnce(): void
    {
        $token = $this->token();
        $id = Uuid::v7()->toRfc4122();
        $this->report($token, self::length('59.5'), $id);
        $this->report($token, self::length('59.5'), $id);
        self::assertCount(1, self::listAt($this->open(self::PAGE), 'readings'));
        self::assertCount(0, self::listAt($this->open(self::PAGE, [$id]), 'readings'));
    }

    #[Test]
    public function aTokenOfSomebodyElseIsRefused(): void
    {
        $theirs = $this->token();
        $this->signIn('engineer');
        $refused = $this->report($theirs, self::length('59.5'), person: 'engineer');
        self::assertSame([403, '/problems/token-of-another'], [$refused->getStatusCode(), self::at($refused, 'type')]);
        $mine = $this->token();
        self::assertSame(202, $this->report($mine, self::length('59.5'), person: 'engineer')->getStatusCode(), 'the rest goes on');
        self::assertCount(1, self::listAt($this->open(self::PAGE), 'readings'));
        $this->signIn('jointer');
        self::assertCount(0, self::listAt($this->open(self::PAGE), 'readings'), 'none of it landed at somebody else’s');
    }

    #[Test]
    public function aTokenThatIsNotKnownOrWasEndedIsRefused(): void
    {
        foreach (['', 'Bearer nonsense', 'Basic x'] as $header) {
            $refused = $this->post(['Authorization' => $header], self::body(self::length('59.5')));
            self::assertSame([401, '/problems/token'], [$refused->getStatusCode(), self::at($refused, 'type')], $header);
        }
        $token = $this->token();
        self::assertSame(202, $this->report($token, self::length('59.5'))->getStatusCode());
        $id = self::text($this->call('GET', '/api/instrument-tokens'), 'tokens.0.id');
        $this->signIn('engineer');
        self::assertSame(204, $this->call('DELETE', "/api/instrument-tokens/$id")->getStatusCode());
        self::assertSame(202, $this->report($token, self::length('59.5'))->getStatusCode(), 'nobody ends another’s');
        $this->signIn('jointer');
        self::assertSame(204, $this->call('DELETE', "/api/instrument-tokens/$id")->getStatusCode());
        self::assertSame(401, $this->report($token, self::length('59.5'))->getStatusCode());
    }

    #[Test]
    public function aTokenEndsWithTheSessionsOfItsPerson(): void
    {
        $token = $this->token();
        $this->signIn('administrator');
        self::assertSame(204, $this->call('DELETE', '/api/people/jointer/sessions')->getStatusCode());
        $refused = $this->report($token, self::length('59.5'));
        self::assertSame(401, $refused->getStatusCode());
        self::assertStringContainsString('ended with the sessions', self::text($refused, 'detail'));
        $this->signIn('jointer');
        self::assertFalse(self::at($this->call('GET', '/api/instrument-tokens'), 'tokens.0.speaks'));
        self::assertFalse(self::at($this->open(self::PAGE), 'paired'));
    }

    #[Test]
    public function atMostSixtyReportsAMinuteAndFiveTokens(): void
    {
        $token = $this->token();
        for ($i = 0; $i < 60; ++$i) {
            self::assertSame(202, $this->report($token, self::length('59.5'))->getStatusCode());
        }
        $refused = $this->report($token, self::length('59.5'));
        self::assertSame([429, '10'], [$refused->getStatusCode(), $refused->headers->get('Retry-After')]);
        self::assertCount(50, self::listAt($this->open(self::PAGE), 'readings'), 'the newest are kept');
        foreach (range(2, 5) as $_) {
            $this->token();
        }
        $sixth = $this->make(Uuid::v7()->toRfc4122());
        self::assertSame([422, 'name'], [$sixth->getStatusCode(), self::at($sixth, 'problems.0.path')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badReports(): iterable
    {
        $by = ['name' => 'Caliper', 'sentBy' => ['serial' => 'K']];
        yield 'nothing' => [$by, 'report.reading'];
        yield 'two things' => [[...self::length('1'), 'torque' => '45 N·m'], 'report.torque'];
        yield 'no length' => [self::length('wide'), 'report.reading.typed'];
        yield 'no torque' => [[...$by, 'torque' => 'tight'], 'report.torque'];
        yield 'no force' => [[...$by, 'press' => ['die' => 'B', 'force' => 'much']], 'report.press.force'];
        yield 'no humidity' => [[...$by, 'air' => ['air' => '14 °C', 'humidity' => 0]], 'report.air.humidity'];
        yield 'no name' => [['name' => ''] + self::length('1'), 'report.name'];
    }

    /** @param array<string, mixed> $report */
    #[Test]
    #[DataProvider('badReports')]
    public function aReportThatCannotBeUsedNamesItsField(array $report, string $path): void
    {
        $refused = $this->report($this->token(), $report);
        self::assertSame([422, $path], [$refused->getStatusCode(), self::at($refused, 'problems.0.path')]);
    }

    private function token(): string
    {
        return self::text($this->make(Uuid::v7()->toRfc4122()), 'secret');
    }

    private function make(string $id): Response
    {
        return $this->call('POST', '/api/instrument-tokens', ['id' => $id, 'name' => 'Bench']);
    }

    /** @param list<string> $had */
    private function open(string $page, array $had = []): Response
    {
        return $this->call('PUT', '/api/instrument-page', ['page' => $page, 'had' => $had]);
    }

    /** @param array<string, mixed> $report */
    private function report(
        string $token, array $report, ?string $id = null, string $person = 'jointer', ?string $readAt = null, ?string $sentAt = null,
    ): Response {
        return $this->post(['Authorization' => "Bearer $token"], self::body($report, $id, $person, $readAt, $sentAt));
    }

    /**
     * @param array<string, string> $headers
     * @param array<string, mixed>  $body
     */
    private function post(array $headers, array $body): Response
    {
        return $this->call('POST', '/api/instrument-reports', $body, $headers);
    }

    /**
     * @param array<string, mixed> $report
     *
     * @return array<string, mixed>
     */
    private static function body(
        array $report, ?string $id = null, string $person = 'jointer', ?string $readAt = null, ?string $sentAt = null,
    ): array {
        $now = (new \DateTimeImmutable())->format(\DATE_ATOM);
        $by = \is_array($report['sentBy']) ? $report['sentBy'] : [];

        return [
            'id' => $id ?? Uuid::v7()->toRfc4122(), 'person' => $person, 'sentAt' => $sentAt ?? $now,
            'report' => [...$report, 'sentBy' => ['readAt' => $readAt ?? $now, ...$by]],
        ];
    }

    /** @return array<string, mixed> */
    private static function length(string $typed): array
    {
        return [
            'name' => 'Caliper', 'sentBy' => ['serial' => 'K'], 'reading' => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'caliper'],
        ];
    }
}
