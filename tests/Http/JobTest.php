<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

final class JobTest extends ApiTestCase
{
    #[Test]
    public function theListSaysWhatStandsInEachJobsWayAndTheOneNextStep(): void
    {
        $this->signIn('storekeeper');
        $list = $this->call('GET', '/api/jobs?perPage=50');
        $jobs = [];
        foreach (self::listAt($list, 'jobs') as $i => $_) {
            $name = self::at($list, "jobs.$i.name");
            $jobs[\is_string($name) ? $name : ''] = [
                self::at($list, "jobs.$i.next.step"), self::at($list, "jobs.$i.unit"), \count(self::listAt($list, "jobs.$i.obstacles")),
            ];
        }
        self::assertSame(['kit', 'mm', 2], $jobs['Brinlow Mill · joint 1']);
        self::assertSame(['safety', 'in', 1], $jobs['Gannet Quay 7 · splice']);
        self::assertSame(['build', 'mm', 0], $jobs['Sallow Fen 3 · joint 2']);
        self::assertSame(['record', 'mm', 0], $jobs['Sallow Fen 3 · joint 1']);
        self::assertSame(['build', 'mm', 0], $jobs['Hollin Cross 2 · joint']);
        self::assertSame(
            [3, 25], [\count(self::listAt($this->call('GET', '/api/jobs?page=2&perPage=3'), 'jobs')), self::at($list, 'total')],
        );
    }

    #[Test]
    public function aJobCarriesMarksFromEveryDatumInMillimetresAndInSixteenths(): void
    {
        $this->signIn('jointer');
        $job = $this->call('GET', '/api/jobs/'.self::HALF_CUT);
        self::assertSame(['cable-end', 'joint-centre', 'oversheath-cut'], self::at($job, 'markOut.datums'));
        self::assertEquals(
            [
                'atMm' => 56,
                'minMm' => 55,
                'maxMm' => 58,
                'set' => [
                    'mm' => ['at' => '56', 'min' => '55', 'max' => '58', 'needs' => null],
                    'in' => ['at' => '2 7/32', 'min' => '2 3/16', 'max' => '2 9/32', 'needs' => null],
                ],
            ],
            self::at($job, 'markOut.marks.3.from.cable-end'),
        );
        self::assertSame('not-proved', self::at($job, 'markOut.marks.2.recorded.judgement.verdict'));
    }

    #[Test]
    public function whatTheKitAsksIsSaidOnTheJobAndThePlanFollowsIt(): void
    {
        $this->signIn('jointer');
        $id = Uuid::v7()->toRfc4122();
        $this->call('POST', '/api/jobs', ['id' => $id, 'name' => 'Test Lane 2', 'function' => 'joint', 'unit' => 'mm']);
        $draft = self::at($this->call('GET', '/api/jobs/019aa100-0000-7000-8000-000000000007'), 'draft');
        self::assertIsArray($draft);
        $plan = fn (int $version, array $said): Response => $this->plan($id, $version, [
            ...$draft, 'kit' => ['id' => 'quillon-armour-12', 'revision' => 1, 'size' => '95'], 'said' => (object) $said,
        ]);
        $first = static fn (Response $job): array => [
            self::at($job, 'asked.0.value'), self::at($job, 'markOut.marks.0.end'), self::at($job, 'markOut.marks.0.from.cable-end.atMm'),
        ];
        self::assertEquals(['A', 'A', 960], $first($plan(1, [])), 'nobody has said: the long side is A');
        self::assertEquals(['B', 'A', 700], $first($plan(2, ['long' => 'B'])));
        self::assertEquals(['B', 'A', 700], $first($this->call('GET', "/api/jobs/$id")), 'and it is kept');
        $wrong = $plan(3, ['long' => 'C']);
        self::assertSame(
            [422, 'said.long', 'must be one of A, B.'],
            [$wrong->getStatusCode(), self::at($wrong, 'problems.0.path'), self::at($wrong, 'problems.0.message')],
        );
        $many = array_fill_keys(array_map(static fn (int $i): string => "k$i", range(1, 30)), 'A');
        self::assertSame(422, $plan(3, $many)->getStatusCode(), 'more than any sheet asks');
        self::assertSame(200, $plan(3, ['gone' => 'x', 'long' => 'A'])->getStatusCode(), 'of another sheet: kept, and not asked here');
    }

    #[Test]
    public function aJobIsMadePlannedAndBuiltStepByStep(): void
    {
        $this->signIn('jointer');
        $id = Uuid::v7()->toRfc4122();
        $made = $this->call('POST', '/api/jobs', ['id' => $id, 'name' => 'Test Lane 1', 'function' => 'termination', 'unit' => 'mm']);
        self::assertSame([201, 'safety'], [$made->getStatusCode(), self::at($made, 'next.step')]);
        self::assertSame(
            1,
            self::at(
                $this->call('POST', '/api/jobs', ['id' => $id, 'name' => 'Test Lane 1', 'function' => 'termination', 'unit' => 'mm']),
                'version',
            ),
            'sent twice, made once',
        );
        $this->write($id, self::safe());
        $planned = $this->plan($id, 1, self::terminationPlan());
        self::assertSame([200, 'complete'], [$planned->getStatusCode(), self::at($planned, 'next.check')]);
        self::assertSame('seal-tube', self::at($this->seeWhatIsNext($id), 'next.part'));
        self::assertSame(['fits', 'fits'], [self::at($planned, 'fit.kit.outcome'), self::at($planned, 'fit.connector.outcome')]);
        self::assertSame(201, $this->write($id, ['kind' => 'part-parked', 'end' => 'A', 'part' => 'seal-tube'])->getStatusCode());
        foreach ([
            'oversheath' => '276', 'metallic-screen' => '236', 'insulation-screen' => '192', 'insulation' => '60.5',
        ] as $cut => $typed) {
            $answer = $this->write($id, self::cut('A', $cut, $typed));
            self::assertSame(201, $answer->getStatusCode(), (string) $answer->getContent());
        }
        self::assertSame(409, $this->write($id, ['kind' => 'connector-fitted', 'batch' => 'L-1'])->getStatusCode(), 'not looked at yet');
        self::assertSame('connector', self::at($this->seeWhatIsNext($id), 'next.task'));
        $fitted = $this->after($id, ['kind' => 'connector-fitted', 'batch' => 'L-1']);
        self::assertSame(['build', 'fill'], [self::at($fitted, 'next.step'), self::at($fitted, 'next.stage')]);
        $done = $this->seeWhatIsNext($id);
        self::assertSame(['record', ['batch' => 'L-1']], [self::at($done, 'next.step'), self::at($done, 'connectorFitted')]);
        $stored = self::at($done, 'draft');
        self::assertIsArray($stored);
        $longer = [...$stored, 'outageEnds' => '2026-03-14T16:00:00+01:00'];
        self::assertSame(409, $this->plan($id, 2, [...$longer, 'mounting' => 'inverted'])->getStatusCode(), 'what it was built to stays');
        $changed = $this->plan($id, 2, $longer);
        self::assertSame(200, $changed->getStatusCode(), 'an outage is made longer while they work');
        self::assertSame('2026-03-14T16:00:00+01:00', self::at($changed, 'draft.outageEnds'));
        self::assertStringContainsString('end of the outage', (string) json_encode(self::at($changed, 'log')));
        self::assertStringContainsString('Outage', (string) json_encode(self::at($changed, 'facts')));
    }

    #[Test]
    public function anEntrySentTwiceIsStoredOnceAndAnotherUnderItsIdIsRefused(): void
    {
        $this->signIn('jointer');
        $id = Uuid::v7()->toRfc4122();
        $first = $this->write(self::HALF_CUT, self::cut('A', 'insulation', '59.5'), $id);
        $again = $this->write(self::HALF_CUT, self::cut('A', 'insulation', '59.5'), $id);
        self::assertSame([201, 201], [$first->getStatusCode(), $again->getStatusCode()]);
        self::assertSame(
            [self::at($first, 'stamp'), []],
            [self::at($again, 'stamp'), self::at($again, 'changes')],
            'stored once: nothing changes the second time',
        );
        self::assertSame(409, $this->write(self::HALF_CUT, self::cut('A', 'insulation', '60'), $id)->getStatusCode());
    }

    #[Test]
    public function aClosedGateAnswersWithTheReason(): void
    {
        $this->signIn('jointer');
        $early = $this->write(self::INCHES, self::cut('A', 'oversheath', '9 3/4', 'in'));
        self::assertSame(
            [409, '/problems/refused', 'Nobody has confirmed, from the local permit, that it is safe to start.'],
            [$early->getStatusCode(), self::at($early, 'type'), self::at($early, 'reason.template')],
        );
        $noFit = $this->write(self::NO_FIT, self::cut('A', 'oversheath', '250'));
        self::assertSame(409, $noFit->getStatusCode());
        self::assertStringContainsString('too small', self::said($noFit, 'reason'));
    }

    #[Test]
    public function twoPeopleEditingTheSecondGetsBothVersionsAndNothingIsOverwritten(): void
    {
        $this->signIn('engineer');
        $plan = self::listAt($this->call('GET', '/api/jobs/'.self::INCHES), 'draft');
        $theirs = [...$plan, 'connector' => ['id' => 'corvane-dual-1-0', 'revision' => 1]];
        $mine = [...$plan, 'connector' => null];
        self::assertSame(200, $this->plan(self::INCHES, 2, $theirs)->getStatusCode());
        $conflict = $this->plan(self::INCHES, 2, $mine);
        self::assertSame([409, '/problems/plan-conflict'], [$conflict->getStatusCode(), self::at($conflict, 'type')]);
        self::assertSame(
            ['corvane-dual-1-0', null], [self::at($conflict, 'theirs.draft.connector.id'), self::at($conflict, 'yours.connector')],
        );
        self::assertSame('corvane-dual-1-0', self::at($this->call('GET', '/api/jobs/'.self::INCHES), 'draft.connector.id'));
        self::assertSame(200, $this->plan(self::INCHES, 3, $mine)->getStatusCode(), 'on top of theirs, knowingly');
    }

    #[Test]
    public function aPlanChangedAfterTheFirstCutIsWrittenIntoTheLog(): void
    {
        $this->signIn('engineer');
        $plan = self::listAt($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'draft');
        $answer = $this->plan(self::HALF_CUT, 2, [...$plan, 'connector' => ['id' => 'tallis-shear-95-150', 'revision' => 1]]);
        $log = self::listAt($answer, 'log');
        self::assertSame('plan-changed', self::at($answer, 'log.'.(\count($log) - 1).'.event.kind'));
        self::assertStringStartsWith('connector. Now: end A: 1×95 Al', self::text($answer, 'log.'.(\count($log) - 1).'.event.summary'));
        self::assertEquals(58, self::at($answer, 'markOut.marks.3.from.cable-end.atMm'), 'butt: half of 124, less half of the stop of 8');
        self::assertTrue(self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT.'/chain'), 'unbroken'));
    }

    #[Test]
    public function everyKitSizeIsJudgedTheBestFirstAndEachOtherSaysWhyNot(): void
    {
        $this->signIn('storekeeper');
        $kits = $this->call('GET', '/api/jobs/'.self::NO_FIT.'/kits');
        self::assertSame(
            ['cannot-tell', 'Say where it will be: the kit may be used buried or in a chamber.'],
            [self::at($kits, 'choices.0.outcome'), self::at($kits, 'choices.0.worst.reason.template')],
        );
        self::assertSame(
            ['2', 'does-not-fit', 'planned', 'Not with the connector that is chosen: {reason}', 'fits'],
            array_map(
                static fn (string $path): mixed => self::at($kits, "choices.1.$path"),
                ['kit.size', 'outcome', 'worst.criterion', 'worst.reason.template', 'with.outcome'],
            ),
            'its connector is too long for it, and another goes',
        );
        [$total, $possible] = [self::at($kits, 'total'), self::at($kits, 'possible')];
        $choices = [];
        for ($page = 1; \count($choices) < $total; ++$page) {
            $choices = [...$choices, ...self::listAt($this->call('GET', '/api/jobs/'.self::NO_FIT."/kits?page=$page"), 'choices')];
        }
        $refused = array_map(
            static fn (mixed $choice): string => json_encode($choice, \JSON_THROW_ON_ERROR),
            \array_slice($choices, (int) (is_numeric($possible) ? $possible : 0)),
        );
        self::assertCount(
            \count($refused),
            array_filter(
                $refused,
                static fn (string $choice): bool => str_contains($choice, '"outcome":"does-not-fit"')
                    && !str_contains($choice, '"worst":null'),
            ),
            'each says why not',
        );
        self::assertStringContainsString(
            'quillon-straight-12',
            implode('', array_filter($refused, static fn (string $choice): bool => str_contains($choice, '"size":"1"'))),
        );
        self::assertSame([], self::listAt($this->call('GET', '/api/jobs/'.self::NO_FIT.'/kits?page=99999'), 'choices'));
        $connectors = $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/connectors');
        self::assertSame(
            ['fits', 'does-not-fit'],
            [
                self::at($connectors, 'choices.0.outcome'),
                self::at($connectors, 'choices.'.(\count(self::listAt($connectors, 'choices')) - 1).'.outcome'),
            ],
        );
    }

    #[Test]
    public function aKitComesWithTheConnectorThatGoesWithItBest(): void
    {
        $this->signIn('engineer');
        $kits = $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/kits');
        self::assertSame(
            ['tallis-shear-95-150', 'fits'], [self::at($kits, 'choices.0.with.connector.id'), self::at($kits, 'choices.0.with.outcome')],
        );
        self::assertIsInt(self::at($kits, 'choices.0.connectorsThatGo'));
        $last = $this->call('GET', '/api/jobs/'.self::HALF_CUT.'/kits?page=3');
        self::assertNull(self::at($last, 'choices.0.connectorsThatGo'), 'nothing is asked for a kit that does not fit');
    }

    #[Test]
    public function withoutAConnectorNoSizeIsSaidToFitAndTheOneToTakeWithItIsNamed(): void
    {
        $this->signIn('engineer');
        $plan = self::listAt($this->call('GET', '/api/jobs/'.self::INCHES), 'draft');
        $this->plan(self::INCHES, 2, [...$plan, 'connector' => null]);
        $kits = $this->call('GET', '/api/jobs/'.self::INCHES.'/kits');
        self::assertSame(
            ['cannot-tell', 'planned', 'fits'],
            [
                self::at($kits, 'choices.0.outcome'), self::at($kits, 'choices.0.worst.criterion'),
                self::at($kits, 'choices.0.with.outcome'),
            ],
        );
        self::assertSame(
            'cannot-tell', self::at($this->call('GET', '/api/jobs/'.self::INCHES), 'fit.kit.outcome'), 'the job says it as its list does',
        );
    }

    #[Test]
    public function theRecordIsAFileThatComputesTheSameAndAPdf(): void
    {
        $this->signIn('trainer');
        $record = $this->call('GET', '/api/jobs/'.self::FINISHED.'/record.json');
        self::assertSame('berm/job/1', self::at($record, 'format'));
        self::assertStringContainsString('Sallow-Fen-3-joint-1.job.json', (string) $record->headers->get('Content-Disposition'));
        $path = tempnam(sys_get_temp_dir(), 'berm');
        file_put_contents((string) $path, $record->getContent());
        exec(
            \sprintf('php %s %s', escapeshellarg(\dirname(__DIR__, 2).'/core/bin/plan'), escapeshellarg((string) $path)), $output, $status,
        );
        unlink((string) $path);
        self::assertSame(0, $status);
        self::assertStringContainsString('"at": "248 mm"', implode("\n", $output));
        $pdf = $this->call('GET', '/api/jobs/'.self::FINISHED.'/record.pdf?unit=in');
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
    }

    /** As people call it: the file alone, no server and no database. */
    #[Test]
    public function aRecordIsFollowedFromItsFileAlone(): void
    {
        $this->signIn('trainer');
        $text = (string) $this->call('GET', '/api/jobs/'.self::FINISHED.'/record.json')->getContent();
        self::assertStringContainsString('"chain": {', $text);
        [$status, $said] = self::verified($text);
        self::assertSame(0, $status, $said);
        self::assertStringStartsWith('All ', $said);
        self::assertStringContainsString('are as they were written', $said);
        [$status, $said] = self::verified((string) preg_replace('/"by": "[^"]+"/', '"by": "Nobody Else"', $text, 1));
        self::assertSame(1, $status);
        self::assertMatchesRegularExpression('/^Line 1 is not what was written there/', $said);
    }

    /** @return array{int, string} */
    private static function verified(string $text): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'berm');
        file_put_contents($path, $text);
        $process = new Process(['./berm', 'verify', $path], \dirname(__DIR__, 2));
        $process->run();
        unlink($path);

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    /** @return iterable<string, array{string, string, mixed, int, string}> */
    public static function badRequests(): iterable
    {
        $job = '/api/jobs/'.self::HALF_CUT;
        $log = static fn (mixed $event): array => ['id' => '019aa100-0000-7000-8000-0000000000bb', 'event' => $event];
        yield 'no JSON' => ['POST', "$job/log", 'nonsense', 422, 'is not JSON'];
        yield 'a list' => ['POST', "$job/log", [1, 2], 422, 'must be an object'];
        yield 'an id that is none' => ['POST', "$job/log", ['id' => '7', 'event' => self::safe()], 422, 'must be a UUID'];
        yield 'a cut that is none' => ['POST', "$job/log", $log(self::cut('A', 'serving', '57')), 422, 'must be one of'];
        yield 'a reading in words' => ['POST', "$job/log", $log(self::cut('A', 'insulation', 'about 57')), 422, 'is not a length'];
        yield 'an empty reading' => ['POST', "$job/log", $log(self::cut('A', 'insulation', '')), 422, 'is empty'];
        yield 'a negative reading' => ['POST', "$job/log", $log(self::cut('A', 'insulation', '-57')), 422, 'is negative'];
        yield 'an absurd reading' => ['POST', "$job/log", $log(self::cut('A', 'insulation', '9 m')), 409, 'check the unit'];
        yield 'an entry that only the server writes' => [
            'POST', "$job/log", $log(['kind' => 'plan-changed', 'summary' => 'forged']), 422, 'written by the server alone',
        ];
        yield 'a field too many' => [
            'POST',
            '/api/jobs',
            ['id' => '019aa100-0000-7000-8000-0000000000bb', 'name' => 'x', 'function' => 'joint', 'unit' => 'mm', 'price' => 1],
            422,
            'is not a field known here',
        ];
        yield 'a name of spaces' => [
            'POST',
            '/api/jobs',
            ['id' => '019aa100-0000-7000-8000-0000000000bb', 'name' => '   ', 'function' => 'joint', 'unit' => 'mm'],
            422,
            'is empty: fill it in',
        ];
        yield 'a plan without its version' => ['PUT', "$job/plan", ['unit' => 'mm', 'ends' => []], 428, 'If-Match'];
        yield 'a job that is not there' => ['GET', '/api/jobs/019aa100-0000-7000-8000-00000000ffff', null, 404, 'There is no job'];
        yield 'a job id that is none' => ['GET', '/api/jobs/drop-table', null, 404, 'There is no job'];
        yield 'a sheet that is not there' => ['GET', '/api/kits/quillon-straight-12/99', null, 404, 'revision 99'];
        yield 'a cable of crossing layers' => ['POST', '/api/cables', self::cable('9 mm'), 422, 'is not larger than over the conductor'];
        yield 'a cable three metres thick' => ['POST', '/api/cables', self::cable('3 m'), 422, 'between 2 mm and 150 mm'];
    }

    #[Test]
    #[DataProvider('badRequests')]
    public function badInputGetsASentenceThatNamesTheMend(string $method, string $path, mixed $body, int $status, string $says): void
    {
        $this->signIn('jointer');
        $answer = $this->call($method, $path, $body);
        self::assertSame($status, $answer->getStatusCode());
        self::assertStringContainsString(
            $says, (string) json_encode(json_decode((string) $answer->getContent()), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES),
        );
    }

    #[Test]
    public function aPlanThatPinsWhatIsNotThereIsRefusedWithItsField(): void
    {
        $this->signIn('engineer');
        $plan = self::terminationPlan();
        self::assertSame(
            422, $this->plan(self::INCHES, 2, [...$plan, 'connector' => ['id' => 'nothing', 'revision' => 1]])->getStatusCode(),
        );
        $size = $this->plan(
            self::INCHES, 2, ['unit' => 'in', 'ends' => [], 'kit' => ['id' => 'thole-splice-15', 'revision' => 2, 'size' => 'Z']],
        );
        self::assertSame(
            ['kit.size', 'is not a size of this sheet: it has A, B.'],
            [self::at($size, 'problems.0.path'), self::at($size, 'problems.0.message')],
        );
        $reading = $this->plan(
            self::INCHES,
            2,
            [
                'unit' => 'in',
                'ends' => ['A' => ['readings' => ['insulation' => [['typed' => '0.3.4', 'unit' => 'in', 'instrument' => 'caliper']]]]],
            ],
        );
        self::assertSame('ends.A.readings.insulation[0].typed', self::at($reading, 'problems.0.path'));
        self::assertSame(2, self::at($this->call('GET', '/api/jobs/'.self::INCHES), 'version'), 'nothing was stored');
    }

    #[Test]
    public function aCableEnteredByHandIsKeptAndCanBeChosen(): void
    {
        $this->signIn('jointer');
        self::assertSame(201, $this->call('POST', '/api/cables', self::cable('19.5 mm'))->getStatusCode());
        self::assertSame(409, $this->call('POST', '/api/cables', self::cable('19.6 mm'))->getStatusCode(), 'a revision never changes');
        self::assertSame('19.5 mm', self::at($this->call('GET', '/api/cables/hand-made/1'), 'layers.2.diameter'));
        self::assertContains('hand-made', array_column(self::listAt($this->call('GET', '/api/cables?search=made+hand'), 'cables'), 'id'));
    }

    /** @return array<string, mixed> */
    private static function cable(string $overInsulation): array
    {
        $layer = static fn (string $layer, string $diameter): array => compact('layer', 'diameter');

        return [
            'id' => 'hand-made', 'revision' => 1, 'designation' => 'Made by hand', 'ratedVoltage' => '11 kV', 'conductor' => [
                'material' => 'copper', 'shape' => 'stranded', 'size' => '95 mm²',
            ],
            'insulation' => 'epr', 'metallicScreen' => 'copper-tape', 'oversheath' => 'pvc',
            'layers' => [
                $layer('conductor', '11.5 mm'),
                $layer('insulation', $overInsulation),
                $layer('insulation-screen', '21 mm'),
                $layer('metallic-screen', '21.4 mm'),
                $layer('oversheath', '1 in'),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function terminationPlan(): array
    {
        $read = static fn (string ...$typed): array => array_map(
            static fn (string $text): array => ['typed' => $text, 'unit' => 'mm', 'instrument' => 'caliper'], $typed,
        );

        return [
            'unit' => 'mm',
            'ends' => ['A' => [
                'cable' => ['id' => 'iec-1x95-al-12', 'revision' => 2],
                'readings' => ['conductor' => $read('11.4'), 'insulation' => $read('19.4', '19.5'), 'oversheath' => $read('24.9')],
                'freeLength' => ['typed' => '60 cm', 'unit' => 'mm', 'instrument' => 'tape'],
            ]],
            'kit' => ['id' => 'quillon-indoor-end-12', 'revision' => 1, 'size' => '2'],
            'connector' => ['id' => 'tallis-lug-al-95', 'revision' => 1],
        ];
    }
}
