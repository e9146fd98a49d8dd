<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Build\BuildState;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\PlanFile;
use Berm\Core\File\Problem;
use Berm\Core\Job\Plan;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class JobFileTest extends TestCase
{
    #[Test]
    public function aJobWrittenAndReadAgainComputesTheSame(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../../demo/sallow-fen.job.json');
        $first = Fields::readText($text, JobFile::read(...));
        $again = Fields::readText(json_encode($first->write(), \JSON_THROW_ON_ERROR), JobFile::read(...));
        $plan = static fn (JobFile $file): array => PlanFile::write(Plan::of($file->job, BuildState::fold($file->log)));
        self::assertSame($plan($first), $plan($again));
        self::assertSame('Kit complete, undamaged, in date; leaflet read', $plan($first)['next']);
        self::assertCount(8, $first->log);
    }

    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function faults(): iterable
    {
        yield 'another format' => ['format', 'berm/job/9', 'format', 'must be "berm/job/1".'];
        yield 'an unknown field' => [
            'wind',
            'wet',
            'wind',
            'is not a field known here: take it out, or use one of format, name, function, unit, ends, kit, connector, weather, place, mounting, outageEnds, said, log, chain.',
        ];
        yield 'a name that is missing' => ['name', null, 'name', 'is missing: fill it in.'];
        yield 'a choice that is none' => ['unit', 'cubit', 'unit', 'must be one of "mm", "in".'];
        yield 'a formula that cannot be read' => [
            'kit.sheet.cuts.3.cases.0.distance', 'connector_length / * 5 mm', 'kit.sheet.cuts[3].cases[0].distance', 'cannot be read',
        ];
        yield 'a formula that adds a number to a length' => [
            'kit.sheet.cuts.3.cases.0.distance',
            'connector_length + 5',
            'kit.sheet.cuts[3].cases[0].distance',
            'between a length and a number',
        ];
        yield 'cuts that go in a circle' => ['kit.sheet.cuts.3.cases.0.distance', 'cut_oversheath - 100 mm', 'kit.sheet', 'from itself'];
        yield 'a size that is not there' => ['kit.size', 'XXL', 'kit.size', 'is not a size of this sheet: it has M.'];
        yield 'a length without unit' => [
            'kit.sheet.sizes.0.dimensions.clear', '108', 'kit.sheet.sizes[0].dimensions.clear', 'has no unit: write 108 mm or 108 in.',
        ];
        yield 'a tube that would grow' => [
            'kit.sheet.sizes.0.parts.stress-tube.recoveredBore', '60 mm', 'kit.sheet.sizes[0].parts.stress-tube', 'it must shrink',
        ];
        yield 'a range upside down' => [
            'kit.sheet.sizes.0.insulation',
            ['min' => '24 mm', 'max' => '17 mm'],
            'kit.sheet.sizes[0].insulation',
            'give the smaller limit first',
        ];
        yield 'layers that cross' => [
            'ends.A.cable.layers.1.diameter', '11 mm', 'ends.A.cable', 'is not larger than over the conductor beneath it',
        ];
        yield 'a layer missing' => [
            'ends.A.cable.layers.4.layer', 'metallic-screen', 'ends.A.cable', 'has the layer "metallic-screen" twice',
        ];
        yield 'readings that contradict each other' => [
            'ends.B.readings.insulation', Example::readings('9'), 'ends.B.readings', 'check both',
        ];
        yield 'a reading below zero' => [
            'ends.A.readings.insulation', Example::readings('-19.5'), 'ends.A.readings.insulation[0].typed', 'is negative',
        ];
        yield 'a reading that is empty' => [
            'ends.A.readings.insulation', Example::readings(''), 'ends.A.readings.insulation[0].typed', 'is empty',
        ];
        yield 'a bore wider than the connector' => ['connector.bore', '20 mm', 'connector', 'the bore must be the smaller'];
        yield 'a voltage that is none' => [
            'ends.A.cable.ratedVoltage', 'high', 'ends.A.cable.ratedVoltage', 'write 6.35/11 (12) kV, 12/20 kV, or a class such as 15 kV',
        ];
        yield 'a log entry of an unknown kind' => [
            'log',
            [['id' => '1', 'by' => 'x', 'at' => '2026-01-01T08:00:00Z', 'event' => ['kind' => 'coffee']]],
            'log[0].event.kind',
            'must be one of',
        ];
        yield 'a date without its offset' => [
            'log',
            [['id' => '1', 'by' => 'x', 'at' => 'yesterday', 'event' => ['kind' => 'connector-fitted']]],
            'log[0].at',
            'date and time with its offset',
        ];
        yield 'safety half confirmed' => [
            'log',
            [[
                'id' => '1',
                'by' => 'x',
                'at' => '2026-01-01T08:00:00Z',
                'event' => [
                    'kind' => 'safety-confirmed',
                    'permit' => 'P',
                    'confirmedBy' => 'x',
                    'confirmedAt' => '2026-01-01T08:00:00Z',
                    'identified' => true,
                    'isolated' => true,
                    'provedDead' => false,
                    'earthed' => true,
                ],
            ]],
            'log[0].event.provedDead',
            'do not start',
        ];
        yield 'a list where an object belongs' => ['connector', ['a', 'b'], 'connector', 'must be an object in braces.'];
    }

    #[Test]
    #[DataProvider('faults')]
    public function aFaultIsNamedWithItsPlaceAndItsMend(string $path, mixed $value, string $place, string $says): void
    {
        $problems = self::problems(Example::with(Example::joint(), $path, $value));
        foreach ($problems as $problem) {
            if ($problem->path === $place) {
                self::assertStringContainsString($says, $problem->message);

                return;
            }
        }
        self::fail("nothing is said of $place: ".json_encode($problems));
    }

    #[Test]
    public function aDocumentAnswersWithAllItsFaultsAtOnce(): void
    {
        $job = Example::with(
            Example::with(Example::with(Example::joint(), 'unit', 'cubit'), 'ends.A.readings.insulation', Example::readings('abc')),
            'connector.length',
            'long',
        );
        self::assertSame(
            ['unit', 'ends.A.readings.insulation[0].typed', 'connector.length'],
            array_map(static fn (Problem $problem): string => $problem->path, self::problems($job)),
        );
    }

    #[Test]
    public function whatIsNotJsonSaysSo(): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage('is not JSON (syntax error): send one JSON object');
        Fields::readText('{"name": ', JobFile::read(...));
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<Problem>
     */
    private static function problems(array $job): array
    {
        try {
            Example::read($job);
        } catch (BadDocument $error) {
            return $error->problems;
        }
        self::fail('the document must be refused');
    }
}
