<?php

declare(strict_types=1);

namespace App\Tests\Hand;

use App\Hand\Asked;
use App\Hand\Engine;
use App\Hand\PackageFile;
use App\Tests\Http\ApiTestCase;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\LogFile;
use Berm\Core\Job\Plan;
use Berm\Core\Tests\Built;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use Symfony\Component\Uid\Uuid;

/**
 * A job that was taken along is answered for by the same rules: asked at the same moment, the engine in the hand says to the letter what
 * the server says, the hash of the chain with it.
 */
final class SameAnswersTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    private const SHRUNK = '019aa100-0000-7000-8000-000000000011';
    private const STEPS = 30;

    private Engine $hand;
    private MockClock $clock;
    private string $job;

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        yield 'a joint, from its planning on' => [self::SHRUNK];
        yield 'three cores' => [self::STAGED];
        yield 'a sheet without stages' => [self::HALF_CUT];
    }

    #[Test]
    #[DataProvider('jobs')]
    public function aDayOfEntriesIsAnsweredAlike(string $job): void
    {
        $this->takeAlong($job, 'jointer');
        $this->same('GET', '');
        foreach (['/kits', '/connectors'] as $list) {
            self::assertSame(200, $this->same('GET', $list));
        }
        $this->say([
            'kind' => 'safety-confirmed', 'permit' => 'P-9', 'confirmedBy' => 'Somebody', 'confirmedAt' => '2026-11-28T09:00:00+00:00',
            'identified' => true, 'isolated' => true, 'provedDead' => true, 'earthed' => true,
        ]);
        $statuses = [];
        for ($step = 0; $step < self::STEPS && null !== $event = Built::next($this->planned()); ++$step) {
            $statuses[] = $this->odd($step);
            $isReading = $event instanceof CutMeasured;
            $statuses[] = $this->say(LogFile::writeEvent($event));
            if ($isReading && 0 === $step % 3) {
                $statuses[] = $this->say(['kind' => 'noted', 'note' => "At step $step"]);
            }
        }
        $this->same('GET', '');
        self::assertGreaterThan(10, \count(array_filter($statuses, static fn (int $status): bool => 201 === $status)));
        self::assertSame([201, 403, 409, 422], array_values(array_intersect([201, 403, 409, 422], $statuses)));
    }

    #[Test]
    public function aPlanIsChangedAlikeAndAConflictTold(): void
    {
        $this->takeAlong(self::HALF_CUT, 'jointer');
        $draft = self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'draft');
        self::assertIsArray($draft);
        $version = self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'version');
        self::assertIsInt($version);
        $later = [...$draft, 'outageEnds' => '2026-11-29T16:00:00+01:00'];
        self::assertSame(409, $this->same('PUT', '/plan', $later, $version - 1));
        self::assertSame(422, $this->same('PUT', '/plan', [...$draft, 'unit' => 'ell'], $version));
        [$server, $hand] = $this->both('PUT', '/plan', $later, $version);
        self::assertSame(self::withoutIds($server), self::withoutIds($hand));
        self::assertSame(200, $server[0]);
    }

    /** Another connector, and a kit that nothing was known of but its sheet. */
    #[Test]
    public function whatElseCouldBeChosenIsPlannedAlike(): void
    {
        $this->takeAlong(self::SHRUNK, 'jointer');
        $job = $this->call('GET', '/api/jobs/'.self::SHRUNK);
        [$draft, $version] = [self::at($job, 'draft'), self::at($job, 'version')];
        self::assertIsArray($draft);
        self::assertIsInt($version);
        $connectors = self::listAt($this->call('GET', '/api/jobs/'.self::SHRUNK.'/connectors'), 'choices');
        self::assertGreaterThan(1, \count($connectors));
        foreach (\array_slice($connectors, 0, 4) as $choice) {
            self::assertIsArray($choice);
            self::assertIsArray($choice['connector']);
            $pinned = ['id' => $choice['connector']['id'], 'revision' => $choice['connector']['revision']];
            [$server, $hand] = $this->both('PUT', '/plan', [...$draft, 'connector' => $pinned], $version);
            // The entry that tells of it has an id that each side makes.
            self::assertSame(self::withoutIds($server), self::withoutIds($hand));
            self::assertSame(200, $server[0]);
            ++$version;
        }
        self::assertSame(422, $this->same('PUT', '/plan', [...$draft, 'connector' => ['id' => 'never-made', 'revision' => 1]], $version));
        self::assertSame(200, $this->same('GET', '/kits'));
    }

    #[Test]
    public function aSheetThatWasWithdrawnStopsTheWorkAlike(): void
    {
        $this->signIn('engineer');
        $job = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        $revision = self::at($job, 'kit.revision');
        self::assertIsInt($revision);
        $path = '/api/kits/'.self::text($job, 'kit.id')."/$revision/withdrawal";
        self::assertSame(204, $this->call('PUT', $path, ['reason' => 'The screen comes out short.'])->getStatusCode());
        $this->takeAlong(self::HALF_CUT, 'jointer');
        $this->same('GET', '');
        self::assertStringContainsString('The screen comes out short.', $this->both('GET', '')[1][1]);
        self::assertSame(409, $this->say(self::cut('A', 'insulation', '57')));
    }

    /** What can still be done about a cut that is out, and the end that is cut back. */
    #[Test]
    public function theWaysOnAreWorkedOutAlike(): void
    {
        $this->takeAlong(self::HALF_CUT, 'jointer');
        self::assertSame(201, $this->say(self::cut('A', 'insulation', '70')));
        self::assertSame(200, $this->same('GET', '/ways?end=A&cut=insulation'));
        self::assertSame([409, 422], [$this->same('GET', '/ways?end=A&cut=oversheath'), $this->same('GET', '/ways?end=A&cut=hat')]);
        self::assertSame([409, 422], [$this->same('GET', '/ways?stage=a&check=b'), $this->same('GET', '/ways?check=b')]);
        $ahead = fn (string $by): int => $this->same('GET', '/ahead?'.http_build_query(['end' => 'B', 'cut' => 'insulation', 'by' => $by]));
        self::assertSame([200, 200, 409, 422], [$ahead('2 mm'), $ahead('-1/16 in'), $ahead('65 mm'), $ahead('some')]);
        $by = ['typed' => '13.5', 'unit' => 'mm', 'instrument' => 'caliper'];
        self::assertSame(201, $this->say(['kind' => 'cut-back', 'end' => 'A', 'by' => $by, 'reason' => 'cut too far']));
        $this->same('GET', '');
    }

    /** The box is opened at the trench, found short and put back; another one is taken, and the wrench is named. */
    #[Test]
    public function boxesAndToolsAreTakenAlike(): void
    {
        $this->takeAlong(self::STAGED, 'jointer');
        $kit = self::text($this->call('GET', '/api/jobs/'.self::STAGED), 'kit.id');
        $boxes = "/api/boxes?kit=$kit&size=95&job=".self::STAGED;
        self::assertSame(200, $this->same('GET', $boxes));
        [$box, $other] = array_map(
            fn (int $one): string => self::text($this->call('GET', $boxes), "boxes.$one.id"), [0, 1],
        );
        $open = fn (string $id, array $missing, string $entry): int => $this->same(
            'POST', "/api/boxes/$id/opening", ['id' => $entry, 'job' => self::STAGED, 'missing' => $missing],
        );
        $short = Uuid::v7()->toRfc4122();
        self::assertSame([201, 201], [$open($box, ['mesh'], $short), $open($box, ['mesh'], $short)], 'sent twice');
        $statuses = [$open($box, ['hat'], Uuid::v7()->toRfc4122()), $open($box, [], Uuid::v7()->toRfc4122())];
        self::assertSame([422, 409], $statuses, 'it never held one; and it was found short');
        $this->same('GET', $boxes);
        self::assertSame(201, $this->say(['kind' => 'withdrawn', 'entry' => $short, 'reason' => 'the wrong box']));
        $this->same('GET', $boxes);
        self::assertSame([201, 404], [$open($other, [], Uuid::v7()->toRfc4122()), $open(Uuid::v7()->toRfc4122(), [], $short)]);
        $this->same('GET', $boxes);
        self::assertSame(200, $this->same('GET', '/tools'));
        $tool = self::text($this->call('GET', '/api/tools'), 'tools.0.id');
        $taken = ['id' => Uuid::v7()->toRfc4122()];
        self::assertSame([201, 201], [$this->same('POST', "/tools/$tool", $taken), $this->same('POST', "/tools/$tool", $taken)]);
        self::assertSame([422, 404], [$this->same('POST', "/tools/$tool", ['id' => 'x']), $this->same('POST', '/tools/none', $taken)]);
        $this->same('GET', '/tools');
        $this->same('GET', '');
    }

    #[Test]
    public function whoMayNotWriteMayNotWithoutSignal(): void
    {
        $this->takeAlong(self::HALF_CUT, 'trainer');
        $this->same('GET', '');
        self::assertSame(403, $this->say(['kind' => 'connector-fitted', 'batch' => '']));
        self::assertSame(403, $this->say(['kind' => 'noted', 'note' => 'not given to them']));
    }

    /** What is asked between: refused, not understood, not allowed, sent twice. */
    private function odd(int $step): int
    {
        return match ($step % 9) {
            1 => $this->say(LogFile::writeEvent(new ConnectorFitted('too early'))),
            2 => $this->say(['kind' => 'check-made', 'stage' => 'gone', 'check' => 'gone', 'seen' => true]),
            4 => $this->say(['kind' => 'noted']),
            5 => $this->say(['kind' => 'hold-released', 'stage' => 'gone']),
            6 => $this->sayTwice(['kind' => 'noted', 'note' => "Twice $step"]),
            7 => $this->say(['kind' => 'withdrawn', 'entry' => 'none', 'reason' => 'by mistake']),
            default => 0,
        };
    }

    private function takeAlong(string $job, string $user): void
    {
        $this->signIn($user);
        $clock = self::mockTime('2026-11-28T10:00:00Z');
        self::assertInstanceOf(MockClock::class, $clock);
        [$this->clock, $this->job] = [$clock, $job];
        $package = $this->call('GET', "/api/jobs/$job/package");
        self::assertSame(200, $package->getStatusCode());
        $this->hand = Engine::open(Fields::readText((string) $package->getContent(), PackageFile::read(...)));
    }

    private function planned(): Plan
    {
        $file = Fields::readText((string) $this->call('GET', "/api/jobs/$this->job/record.json")->getContent(), JobFile::read(...));

        return Plan::ofLog($file->job, $file->log);
    }

    /** @param array<string, mixed> $event */
    private function say(array $event): int
    {
        return $this->same('POST', '/log', ['id' => Uuid::v7()->toRfc4122(), 'event' => $event]);
    }

    /** @param array<string, mixed> $event */
    private function sayTwice(array $event): int
    {
        $times = ['madeAt' => '2026-11-28T09:58:00Z', 'sentAt' => '2026-11-28T10:00:00Z'];
        $sent = ['id' => Uuid::v7()->toRfc4122(), 'event' => $event, ...$times];
        $this->same('POST', '/log', $sent);

        return $this->same('POST', '/log', $sent);
    }

    private function same(string $method, string $path, mixed $body = null, int $version = 0): int
    {
        [[$status, $server], [$handStatus, $hand]] = $this->both($method, $path, $body, $version);
        self::assertSame($server, $hand, "$method $path");
        self::assertSame($status, $handStatus);

        return $status;
    }

    /** @return array{array{int, string}, array{int, string}} what the server says, and the engine in the hand */
    private function both(string $method, string $path, mixed $body = null, int $version = 0): array
    {
        $this->clock->modify('+1 minute');
        $path = str_starts_with($path, '/api/') ? $path : "/api/jobs/$this->job$path";
        $server = $this->call($method, $path, $body, 0 === $version ? [] : ['If-Match' => "\"$version\""]);
        $hand = $this->hand->answer(new Asked(
            $method, $path, null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR), $version,
            \DateTimeImmutable::createFromInterface($this->clock->now()),
        ));

        return [[$server->getStatusCode(), (string) $server->getContent()], [$hand->status, $hand->json]];
    }

    /** @param array{int, string} $answer */
    private static function withoutIds(array $answer): string
    {
        return (string) preg_replace(['/"stamp":"[^"]*"/', '/"hash":"[^"]*"/', '/"id":"[0-9a-f-]{36}"/'], '', $answer[1]);
    }
}
