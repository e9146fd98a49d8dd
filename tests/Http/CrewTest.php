<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;

/** A job is given to people: they write to it, others read it. */
final class CrewTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    private const ENTRY = '019aa1ff-0000-7000-8000-00000000c002';
    private const CREW = '/api/jobs/'.self::HALF_CUT.'/crew';

    #[Test]
    public function whoMakesAJobHasIt(): void
    {
        $this->signIn('jointer');
        $id = '019aa1ff-0000-7000-8000-00000000c001';
        self::assertSame(
            201, $this->call('POST', '/api/jobs', ['id' => $id, 'name' => 'New', 'function' => 'joint', 'unit' => 'mm'])->getStatusCode(),
        );
        self::assertSame(
            [['name' => 'jointer', 'shownAs' => 'Wren Addlery', 'heardAt' => null, 'alongAt' => null]],
            self::at($this->call('GET', "/api/jobs/$id/crew"), 'people'),
        );
        $this->signIn('engineer');
        self::assertSame(403, $this->plan($id, 1, ['unit' => 'mm', 'ends' => []])->getStatusCode(), 'an engineer reads it');
        self::assertSame(
            200, $this->call('PUT', "/api/jobs/$id/crew", ['people' => ['jointer', 'engineer']])->getStatusCode(), 'and can take it on',
        );
        self::assertNotSame(403, $this->plan($id, 1, ['unit' => 'mm', 'ends' => []])->getStatusCode());
    }

    /** Two on one job, one of them without signal: the other sees when the server heard from them last. */
    #[Test]
    public function whoTookAJobAlongIsKnownAndWhenTheyWereHeardFrom(): void
    {
        $clock = self::mockTime('2026-11-28T10:00:00Z');
        self::assertInstanceOf(MockClock::class, $clock);
        $this->signIn('trainer');
        $this->call('GET', self::CREW);
        $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/package');
        self::assertSame([null, null], $this->heard('jointer'), 'they read it, and nobody is heard from by that');
        $this->signIn('jointer');
        $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/package');
        $clock->modify('+42 minutes');
        $this->call('GET', self::CREW);
        $clock->modify('+1 hour');
        $this->signIn('engineer');
        self::assertSame(['2026-11-28T10:42:00+00:00', '2026-11-28T10:00:00+00:00'], $this->heard('jointer'));
        self::assertSame(['2026-11-28T11:42:00+00:00', null], $this->heard('engineer'), 'by what they asked before');
    }

    /** @return list<mixed> when they were heard from last, and when they took it along */
    private function heard(string $name): array
    {
        foreach (self::listAt($this->call('GET', self::CREW), 'people') as $one) {
            self::assertIsArray($one);
            if ($one['name'] === $name) {
                return [$one['heardAt'], $one['alongAt']];
            }
        }
        self::fail("$name is one of them");
    }

    /** Those of a page that are given to whoever asks: for taking them along. */
    #[Test]
    public function aListSaysWhichJobsAreTheirs(): void
    {
        $this->signIn('jointer');
        $all = array_column(self::listAt($this->call('GET', '/api/jobs?perPage=100'), 'jobs'), 'id');
        $mine = self::listAt($this->call('GET', '/api/jobs?perPage=100'), 'mine');
        self::assertContains(self::HALF_CUT, $mine);
        foreach ($mine as $id) {
            self::assertContains($id, $all);
        }
        $this->signIn('trainer');
        self::assertSame([], self::listAt($this->call('GET', '/api/jobs?perPage=100'), 'mine'));
    }

    /** @return iterable<string, array{string, string, mixed}> */
    public static function deeds(): iterable
    {
        yield 'the plan' => ['PUT', '/api/jobs/'.self::HALF_CUT.'/plan', ['unit' => 'mm', 'ends' => []]];
        yield 'the log' => [
            'POST', '/api/jobs/'.self::HALF_CUT.'/log', ['id' => self::ENTRY, 'event' => self::safe()],
        ];
        yield 'a tool' => ['POST', '/api/jobs/'.self::HALF_CUT.'/tools/019aa200-0000-7000-8000-000000000001', ['id' => self::ENTRY]];
        yield 'a box' => ['PUT', '/api/boxes/019aa200-0000-7000-8000-000000000001/reservation', ['job' => self::HALF_CUT]];
        yield 'an opened box' => [
            'POST', '/api/boxes/019aa200-0000-7000-8000-000000000001/opening',
            ['id' => self::ENTRY, 'job' => self::HALF_CUT, 'missing' => []],
        ];
        yield 'the crew' => ['PUT', self::CREW, ['people' => ['jointer']]];
    }

    #[Test]
    #[DataProvider('deeds')]
    public function othersReadAJobAndWriteNothingToIt(string $method, string $path, mixed $body): void
    {
        $this->signIn('engineer');
        self::assertSame(200, $this->call('PUT', self::CREW, ['people' => ['engineer', 'checker']])->getStatusCode());
        $this->signIn('jointer');
        $refused = $this->call($method, $path, $body, ['If-Match' => '"2"']);
        self::assertSame(
            [403, '/problems/not-theirs'], [$refused->getStatusCode(), self::at($refused, 'type')], (string) $refused->getContent(),
        );
        if (self::CREW !== $path) {
            self::assertStringContainsString('given to Hedda Loram, Tamsin Oake', self::text($refused, 'detail'));
        }
        self::assertSame(200, $this->call('GET', '/api/jobs/'.self::HALF_CUT)->getStatusCode());
    }

    #[Test]
    public function theStoresHandOutBoxesForEveryJob(): void
    {
        $this->signIn('engineer');
        $this->call('PUT', self::CREW, ['people' => ['engineer']]);
        $this->signIn('storekeeper');
        $unknown = $this->call('PUT', '/api/boxes/019aa200-0000-7000-8000-000000000001/reservation', ['job' => self::HALF_CUT]);
        self::assertSame(404, $unknown->getStatusCode(), 'the box is not there; the job is no hindrance');
    }

    /** @return iterable<string, array{list<string>}> */
    public static function nobodies(): iterable
    {
        yield 'nobody' => [[]];
        yield 'somebody who builds nothing' => [['jointer', 'storekeeper']];
        yield 'somebody who is not there' => [['jointer', 'moss']];
        yield 'a crowd' => [array_map(static fn (int $i): string => "p$i", range(1, 31))];
    }

    /** @param list<string> $people */
    #[Test]
    #[DataProvider('nobodies')]
    public function aJobIsAlwaysSomebodysWhoCanDoIt(array $people): void
    {
        $this->signIn('jointer');
        $refused = $this->call('PUT', self::CREW, ['people' => $people]);
        self::assertSame([422, 'people'], [$refused->getStatusCode(), self::at($refused, 'problems.0.path')]);
        self::assertCount(3, self::listAt($this->call('GET', self::CREW), 'people'), 'as before');
    }

    #[Test]
    public function aSecondPersonLooksAtWhatSomebodyWroteDownAndUntilThenItIsMarked(): void
    {
        $this->signIn('engineer');
        $sheet = self::at($this->call('GET', '/api/connectors/brasswick-al-95/1'), '');
        self::assertIsArray($sheet);
        self::assertSame(201, $this->call('POST', '/api/connectors', [...$sheet, 'id' => 'brand-new'])->getStatusCode());
        $marked = ['id' => 'brand-new', 'revision' => 1];
        self::assertContains($marked, self::listAt($this->call('GET', '/api/connectors'), 'unchecked'));
        $own = $this->call('PUT', '/api/connectors/brand-new/1/check');
        self::assertSame(
            [403, 'Tamsin Oake wrote this sheet: somebody else looks at it.'], [$own->getStatusCode(), self::text($own, 'detail')],
        );

        $plan = self::at($this->call('GET', '/api/jobs/'.self::NO_FIT), 'draft');
        $version = self::at($this->call('GET', '/api/jobs/'.self::NO_FIT), 'version');
        self::assertTrue(\is_array($plan) && \is_int($version));
        self::assertSame(200, $this->plan(self::NO_FIT, $version, [...$plan, 'connector' => $marked])->getStatusCode());
        $crew = '/api/jobs/'.self::NO_FIT.'/crew';
        $pdf = implode(' ', PdfText::lines((string) $this->call('GET', '/api/jobs/'.self::NO_FIT.'/record.pdf')->getContent()));
        self::assertStringContainsString('not checked by a second person', $pdf);
        self::assertContains($marked, self::listAt($this->call('GET', '/api/jobs/'.self::NO_FIT.'/connectors'), 'unchecked'));
        self::assertSame(
            [[], [$marked]],
            [self::at($this->call('GET', $crew), 'uncheckedCables'), self::at($this->call('GET', $crew), 'uncheckedConnectors')],
        );

        $this->signIn('checker');
        foreach ([1, 2] as $time) {
            self::assertSame(204, $this->call('PUT', '/api/connectors/brand-new/1/check')->getStatusCode(), "time $time");
        }
        self::assertNotContains($marked, self::listAt($this->call('GET', '/api/connectors'), 'unchecked'));
        self::assertSame([], self::at($this->call('GET', $crew), 'uncheckedConnectors'));
        self::assertSame(404, $this->call('PUT', '/api/connectors/brand-new/2/check')->getStatusCode());
        self::assertSame(404, $this->call('PUT', '/api/cables/brand-new/1/check')->getStatusCode());
    }

    #[Test]
    public function whoeverWroteInADraftDoesNotReleaseIt(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../demo/kits/quillon-straight-12.json');
        $text = str_replace('"revision": 1', '"revision": 2', $text);
        $path = '/api/kit-drafts/quillon-straight-12';
        $save = fn (string $of, int $version): int => $this->call(
            'PUT', $path, $of, ['If-Match' => "\"$version\"", 'Content-Type' => 'text/plain'],
        )->getStatusCode();
        $this->signIn('engineer');
        $draft = $this->call('GET', $path);
        $version = self::at($draft, 'version');
        self::assertIsInt($version);
        self::assertSame(200, $save($text, $version));
        $this->signIn('checker');
        self::assertSame(200, $save($text, $version + 1), 'saves what is there already');
        self::assertSame('Tamsin Oake', self::at($this->call('GET', $path), 'author'));
        $this->signIn('engineer');
        self::assertSame(
            409, $this->call('POST', "$path/release", null, ['If-Match' => '"'.($version + 2).'"'])->getStatusCode(), 'still the author',
        );
        $this->signIn('checker');
        self::assertSame(200, $save($text."\n", $version + 2), 'one line of their own');
        $refused = $this->call('POST', "$path/release", null, ['If-Match' => '"'.($version + 3).'"']);
        self::assertSame([409, '/problems/refused'], [$refused->getStatusCode(), self::at($refused, 'type')]);
        self::assertSame('Hedda Loram', self::at($refused, 'reason.values.author.text'));
    }
}
