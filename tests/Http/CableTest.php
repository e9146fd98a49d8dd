<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/** The library of cable types over HTTP: search, hand over, take in, and tell which one a cable is. */
final class CableTest extends ApiTestCase
{
    private const HEADING = 'id,designation,ratedVoltage,conductorMaterial,conductorShape,conductorSize,insulation,metallicScreen,oversheath,over-insulation';

    #[Test]
    public function cablesAreFoundByTheWordsOnTheDrumAPageAtATime(): void
    {
        $this->signIn('storekeeper');
        $found = $this->call('GET', '/api/cables?search=3x95+al+11&perPage=2');
        self::assertSame(2, \count(self::listAt($found, 'cables')));
        self::assertSame('3×95 Al XLPE 6.35/11 (12) kV, copper tape', self::at($found, 'cables.0.designation'));
        self::assertSame(
            self::at($found, 'total'),
            array_sum(array_map(
                fn (int $page): int => \count(self::listAt(
                    $this->call('GET', "/api/cables?search=3x95+al+11&perPage=2&page=$page"), 'cables',
                )),
                [1, 2, 3, 4],
            )),
        );
        self::assertSame(
            0, self::at($this->call('GET', '/api/cables?search=%25_%5C'), 'total'), 'signs that databases read otherwise are only signs',
        );
        self::assertGreaterThanOrEqual(60, self::at($this->call('GET', '/api/cables'), 'total'));
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> the search, what every one found has in its name, and what none
     *                                                                     has
     */
    public static function drums(): iterable
    {
        yield 'letters of a drum' => ['NA2XSY 1x95', ['1×95 Al XLPE', 'copper wire'], ['Cu']];
        yield 'size and metal' => ['95mm2 al', ['×95 Al'], ['Cu']];
        yield 'the metal is of the conductor' => ['95 al', [' Al'], ['×95 Cu']];
        yield 'with its voltage' => ['185 cu 11kv', ['×185 Cu', '6.35/11 (12) kV'], ['Al']];
        yield 'a class' => ['4/0 al 15kv concentric', ['4/0 AWG Al', '15 kV', 'concentric neutral'], []];
        yield 'an old unit' => ['500 mcm', ['500 kcmil'], []];
        yield 'paper and lead' => ['pilc', ['paper', 'lead sheath'], ['XLPE']];
        yield 'a shape' => ['sector', ['paper'], ['1×']];
        yield 'wires' => ['copper wires', ['copper wire'], ['tape']];
    }

    /**
     * @param list<string> $all
     * @param list<string> $none
     */
    #[Test]
    #[DataProvider('drums')]
    public function aSearchIsReadAsDrumsHaveIt(string $search, array $all, array $none): void
    {
        $this->signIn('storekeeper');
        $names = array_column(
            self::listAt($this->call('GET', '/api/cables?perPage=100&search='.rawurlencode($search)), 'cables'), 'designation',
        );
        self::assertNotEmpty($names);
        foreach ($names as $name) {
            self::assertIsString($name);
            foreach ($all as $part) {
                self::assertStringContainsString($part, $name);
            }
            foreach ($none as $part) {
                self::assertStringNotContainsString($part, $name);
            }
        }
    }

    #[Test]
    public function theTypesOfOnesOwnUnitsComeFirst(): void
    {
        $this->signIn('storekeeper');
        foreach (['mm' => true, 'in' => false] as $unit => $isMetric) {
            $first = self::text($this->call('GET', "/api/cables?search=al&unit=$unit&perPage=1"), 'cables.0.conductorSize');
            self::assertSame($isMetric, str_contains($first, 'mm²'), $first);
        }
    }

    #[Test]
    public function aCableTellsItsLayersTheirSourceAndWhatFollowsFromThem(): void
    {
        $this->signIn('jointer');
        $cable = $this->call('GET', '/api/cables?search=1x95+al+11+xlpe+tape&perPage=1');
        self::assertSame(
            ['conductor', 'insulation', 'insulation-screen', 'metallic-screen', 'oversheath'], self::at($cable, 'cables.0.measurable'),
        );
        self::assertEqualsWithDelta(0.32, self::at($cable, 'cables.0.constants.resistanceOhmPerKm'), 1e-9);
        self::assertEqualsWithDelta(25.0 * 20, self::at($cable, 'cables.0.handling.bendingRadiusMm'), 1e-6);
        self::assertStringContainsString('IEC 60502-2 table 6', self::text($cable, 'cables.0.layers.2.source'));
    }

    #[Test]
    public function onlyWhatIsKnownIsTypedAndTheRestIsWorkedOutAndMarked(): void
    {
        $this->signIn('jointer');
        $known = [
            'id' => 'drum-7',
            'revision' => 1,
            'designation' => 'Drum 7',
            'ratedVoltage' => '15 kV',
            'insulationLevel' => 133,
            'conductor' => ['material' => 'copper', 'shape' => 'compacted', 'size' => '4/0'],
            'insulation' => 'epr',
            'metallicScreen' => 'copper-tape',
            'oversheath' => 'pvc',
            'layers' => [['layer' => 'insulation', 'diameter' => '0.97 in']],
        ];
        $looked = $this->call('POST', '/api/cables/completed', $known);
        self::assertSame(
            [200, 'stated', 'computed'],
            [$looked->getStatusCode(), self::at($looked, 'layers.2.basis'), self::at($looked, 'layers.3.basis')],
        );
        self::assertSame(0, self::at($this->call('GET', '/api/cables?search=drum+7'), 'total'), 'looking keeps nothing');
        self::assertSame(201, $this->call('POST', '/api/cables', $known)->getStatusCode());
        self::assertEqualsWithDelta(
            0.97 * 25.4, self::at($this->call('GET', '/api/cables?search=drum+7'), 'cables.0.layers.2.diameterMm'), 1e-6,
        );
        $open = $this->call('POST', '/api/cables/completed', [...$known, 'ratedVoltage' => '69 kV', 'layers' => []]);
        self::assertSame(
            [[], ['conductor', 'insulation', 'insulation-screen', 'metallic-screen', 'oversheath']],
            [self::at($open, 'layers'), self::at($open, 'unknown')],
        );
    }

    #[Test]
    public function aTableIsSeenFirstAndItsGoodRowsAreKeptOnRequest(): void
    {
        $this->signIn('engineer');
        $table = self::HEADING."\nt-1,Import one,15 kV,copper,compressed,4/0,xlpe,copper-tape,pvc,1 in\nt-2,Import two,15 kV,copper,compressed,4/0,xlpe,copper-tape,pvc,3 m\n";
        $seen = $this->import($table, 'text/csv', 'nothing');
        self::assertSame(
            [['Import one'], [], 3, 1],
            [self::at($seen, 'read'), self::at($seen, 'added'), self::at($seen, 'problems.0.row'), \count(self::listAt($seen, 'problems'))],
        );
        self::assertSame([], self::at($this->import($table, 'text/csv', 'all'), 'added'), 'all or nothing: one row is bad');
        self::assertSame(['Import one'], self::at($this->import($table, 'text/csv', 'good'), 'added'));
        self::assertSame(
            [[], ['Import one']], [self::at($again = $this->import($table, 'text/csv', 'good'), 'added'), self::at($again, 'known')],
        );
        self::assertSame(1, self::at($this->call('GET', '/api/cables?search=import+one'), 'total'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function formats(): iterable
    {
        yield 'table' => ['csv', 'text/csv'];
        yield 'JSON' => ['json', 'application/json'];
        yield 'asset file' => ['xml', 'application/rdf+xml'];
    }

    #[Test]
    #[DataProvider('formats')]
    public function whatIsHandedOverCanBeTakenInAgain(string $format, string $type): void
    {
        $this->signIn('engineer');
        $file = $this->call('GET', "/api/cables.$format?search=1%2F0+al+xlpe+15+kv");
        self::assertSame(200, $file->getStatusCode());
        $answer = $this->import((string) $file->getContent(), $type, 'all');
        self::assertSame([[], []], [self::at($answer, 'problems'), self::at($answer, 'added')]);
        self::assertSame(
            self::at($this->call('GET', '/api/cables?search=1%2F0+al+xlpe+15+kv'), 'total'),
            \count(self::listAt($answer, 'known')),
            'their revisions are there already',
        );
    }

    #[Test]
    public function whatIsNoFileOfCablesSaysSo(): void
    {
        $this->signIn('engineer');
        foreach (['text/csv' => '', 'application/json' => '{', 'application/rdf+xml' => '<no'] as $type => $text) {
            $answer = $this->import($text, $type, 'all');
            self::assertSame([200, 1], [$answer->getStatusCode(), \count(self::listAt($answer, 'problems'))]);
        }
        self::assertSame(422, $this->import('x', 'text/csv', 'everything')->getStatusCode());
        $this->signIn('storekeeper');
        self::assertSame(403, $this->import('x', 'text/csv', 'nothing')->getStatusCode());
    }

    #[Test]
    public function theCableOfAJobIsRankedAndAWrongNameIsSaid(): void
    {
        $this->signIn('jointer');
        $half = '/api/jobs/'.self::HALF_CUT.'/ends/A/identification';
        $named = $this->call('GET', $half);
        self::assertTrue(self::at($named, 'named.isPossible'));
        self::assertFalse(self::at($named, 'isMisnamed'));
        $draft = self::listAt($this->call('GET', '/api/jobs/'.self::INCHES), 'draft');
        $read = static fn (string $typed): array => [
            'typed' => $typed, 'unit' => 'in', 'instrument' => 'caliper', 'place' => 1, 'axis' => 0,
        ];
        $ends = $draft['ends'] ?? [];
        self::assertIsArray($ends);
        $ends['A'] = [
            'cable' => ['id' => 'icea-1-0-al-15-133', 'revision' => 2],
            'readings' => ['conductor' => [$read('0.361')], 'insulation' => [$read('0.750')]],
            'seen' => ['material' => 'aluminium', 'screen' => 'copper-tape'],
        ];
        self::assertSame(
            200,
            $this->call('PUT', '/api/jobs/'.self::INCHES.'/plan', [...$draft, 'ends' => $ends], ['If-Match' => '"2"'])->getStatusCode(),
        );
        $wrong = $this->call('GET', '/api/jobs/'.self::INCHES.'/ends/A/identification');
        self::assertSame(
            [true, '1/0 AWG Al EPR 15 kV 100 %, tape shield'],
            [self::at($wrong, 'isMisnamed'), self::at($wrong, 'candidates.0.designation')],
        );
        self::assertStringContainsString('EPR opaque', self::text($wrong, 'next.advice.template'));
        self::assertSame(404, $this->call('GET', '/api/jobs/019aa100-0000-7000-8000-00000000ffff/ends/A/identification')->getStatusCode());
    }

    #[Test]
    public function whatWasFoundAtTheCableIsKeptWithThePlan(): void
    {
        $this->signIn('jointer');
        $draft = self::listAt($this->call('GET', '/api/jobs/'.self::INCHES), 'draft');
        $ends = $draft['ends'] ?? [];
        self::assertTrue(\is_array($ends) && \is_array($ends['A']));
        $ends['A'] = [
            ...$ends['A'],
            'surface' => '54 °F',
            'conditions' => ['strands-dry' => 'no'],
            'walls' => [['typed' => '0.22', 'unit' => 'in', 'instrument' => 'caliper']],
            'slack' => ['typed' => '6 ft', 'unit' => 'in', 'instrument' => 'tape'],
            'position' => 'north wall',
        ];
        $answer = $this->call(
            'PUT',
            '/api/jobs/'.self::INCHES.'/plan',
            [...$draft, 'ends' => $ends, 'weather' => ['air' => '68 F', 'humidity' => 50]],
            ['If-Match' => '"2"'],
        );
        self::assertSame([200, 'cables'], [$answer->getStatusCode(), self::at($answer, 'steps.1.step')]);
        self::assertEqualsWithDelta(9.26, self::at($answer, 'dewPointCelsius'), 0.01);
        self::assertStringContainsString(
            'End A: There is water in the strands',
            implode(' ', array_map(static fn (int $i): string => self::said($answer, "obstacles.$i.reason"), range(0, 3))),
        );
        self::assertSame(['54 °F', '6 ft'], [self::at($answer, 'draft.ends.A.surface'), self::at($answer, 'draft.ends.A.slack.typed')]);
        $bad = $this->call(
            'PUT',
            '/api/jobs/'.self::INCHES.'/plan',
            [...$draft, 'ends' => [...$ends, 'A' => [...$ends['A'], 'surface' => 'warm']]],
            ['If-Match' => '"3"'],
        );
        self::assertSame([422, 'ends.A.surface'], [$bad->getStatusCode(), self::at($bad, 'problems.0.path')]);
    }

    private function import(string $text, string $type, string $keep): Response
    {
        return $this->call('POST', "/api/cables/import?keep=$keep", $text, ['Content-Type' => $type]);
    }
}
