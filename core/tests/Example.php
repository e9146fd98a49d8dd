<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;

/**
 * A job made for the tests, with the strip rules of common practice (half the connector + 5 mm; butt; bore depth + 3 mm), as its open file.
 */
final class Example
{
    /** @return array<string, mixed> */
    public static function joint(): array
    {
        return [
            'format' => 'berm/job/1', 'name' => 'Example joint', 'function' => 'joint', 'unit' => 'mm',
            'ends' => ['A' => self::end('2500 mm'), 'B' => self::end('900 mm')],
            'kit' => ['sheet' => self::sheet('joint'), 'size' => 'M'],
            'connector' => self::connector('crimp'),
            'log' => [],
        ];
    }

    /** @return array<string, mixed> */
    public static function termination(): array
    {
        $job = self::joint();

        return [
            ...$job,
            'function' => 'termination',
            'ends' => ['A' => self::end('500 mm')],
            'kit' => ['sheet' => self::sheet('termination'), 'size' => 'M'],
            'connector' => self::lug(),
        ];
    }

    /** @param array<string, mixed> $job */
    public static function read(array $job): JobFile
    {
        return Fields::read($job, JobFile::read(...));
    }

    /**
     * The job with one value changed, by a path such as "ends.A.readings.insulation".
     *
     * @param array<string, mixed> $job
     *
     * @return array<string, mixed>
     */
    public static function with(array $job, string $path, mixed $value): array
    {
        [$key, $rest] = [...explode('.', $path, 2), null];
        $inner = $job[$key] ?? [];

        return [...$job, $key => null === $rest ? $value : self::with(self::object($inner), $rest, $value)];
    }

    /** @return array<string, mixed> */
    private static function object(mixed $json): array
    {
        $object = [];
        foreach (\is_array($json) ? $json : [] as $key => $value) {
            $object[(string) $key] = $value;
        }

        return $object;
    }

    /** @return list<array{typed: string, unit: string, instrument: string}> */
    public static function readings(string ...$typed): array
    {
        return array_values(array_map(
            static fn (string $text): array => ['typed' => $text, 'unit' => 'mm', 'instrument' => 'caliper'], $typed,
        ));
    }

    /** @return array<string, mixed> */
    public static function cable(): array
    {
        $layer = static fn (string $layer, string $diameter, string $min, string $max): array => compact('layer', 'diameter', 'min', 'max');

        return [
            'id' => 'example-1x95', 'revision' => 1, 'designation' => 'Example 1×95 Al', 'standard' => '',
            'ratedVoltage' => '6.35/11 (12) kV',
            'conductor' => ['material' => 'aluminium', 'shape' => 'compacted', 'size' => '95 mm²'],
            'insulation' => 'xlpe', 'metallicScreen' => 'copper-tape', 'oversheath' => 'pe',
            'layers' => [
                $layer('conductor', '11.5 mm', '11 mm', '12 mm'), $layer('insulation', '19.5 mm', '17.5 mm', '21.6 mm'), $layer(
                    'insulation-screen', '21.1 mm', '18.5 mm', '24 mm',
                ),
                $layer('metallic-screen', '21.4 mm', '18.7 mm', '24.6 mm'), $layer('oversheath', '25 mm', '21 mm', '29 mm'),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function connector(string $fixing): array
    {
        return [
            'id' => 'example-connector', 'revision' => 1, 'name' => 'Example connector', 'maker' => 'Example', 'kind' => 'joint-connector',
            'fixing' => $fixing,
            'materials' => ['aluminium'], 'conductor' => ['min' => '70 mm²', 'max' => '120 mm²'],
            'bore' => '12.5 mm', 'boreDepth' => '50 mm', 'diameter' => '19 mm', 'length' => '104 mm', 'method' => 'As the test has it.',
        ];
    }

    /** @return array<string, mixed> */
    private static function lug(): array
    {
        return [
            ...self::connector('crimp'),
            'id' => 'example-lug',
            'kind' => 'lug',
            'boreDepth' => '56 mm',
            'length' => '60 mm',
            'holeToMouth' => '86 mm',
        ];
    }

    /** @return array<string, mixed> */
    private static function end(string $freeLength): array
    {
        return [
            'cable' => self::cable(),
            'readings' => [
                'conductor' => self::readings('11.5'), 'insulation' => self::readings('19.4', '19.6'),
                'insulation-screen' => self::readings('21.1'),
                'metallic-screen' => self::readings('21.4'), 'oversheath' => self::readings('25'),
            ],
            'freeLength' => $freeLength,
        ];
    }

    /** @return array<string, mixed> */
    private static function sheet(string $function): array
    {
        $range = static fn (string $min, string $max): array => compact('min', 'max');
        $tolerance = static fn (string $below, string $above): array => [
            'tolerance' => compact('below', 'above'), 'reason' => 'As the test has it.',
        ];
        $isJoint = 'joint' === $function;
        $insulation = $isJoint ? [
            ['when' => 'connector_fixing == "crimp"', 'distance' => 'connector_length / 2 + 5 mm', ...$tolerance('0 mm', '1 mm')],
            ['when' => 'connector_fixing == "shear-bolt"', 'distance' => 'connector_length / 2', ...$tolerance('0 mm', '1 mm')],
        ] : [['distance' => 'bore_depth + 3 mm', ...$tolerance('0 mm', '1 mm')]];
        $cut = static fn (string $cut, string $distance, string $by): array => [
            'cut' => $cut, 'tool' => 'knife', 'cases' => [['distance' => $distance, ...$tolerance($by, $by)]],
        ];
        $tube = static fn (string $length, string $bore): array => [
            'length' => $length, 'expandedBore' => $bore, 'recoveredBore' => '12 mm',
        ];

        return [
            'id' => 'example-'.$function, 'revision' => 3, 'name' => 'Example kit', 'maker' => 'Example', 'function' => $function,
            'technology' => 'heat-shrink',
            'ratedVoltage' => '6.35/11 (12) kV', 'insulations' => ['xlpe'], 'metallicScreens' => ['copper-tape'],
            'sizes' => [[
                'label' => 'M', 'conductor' => $range('70 mm²', '150 mm²'), 'insulation' => $range('17 mm', '24 mm'),
                'oversheath' => $range('22 mm', '33 mm'),
                'connectorDiameter' => $range('14 mm', '30 mm'), 'connectorLength' => $range('50 mm', '135 mm'),
                'dimensions' => ['clear' => '108 mm', 'screen_left' => '50 mm', 'tape_left' => '35 mm'],
                'parts' => ['stress-tube' => $tube('400 mm', '38 mm'), 'outer-sleeve' => $tube('760 mm', '55 mm')],
            ]],
            'cuts' => [
                // Given out of order on purpose: each is worked out after those it rests on.
                $cut('oversheath', 'cut_metallic_screen + tape_left', '3 mm'),
                $cut('metallic-screen', 'cut_insulation_screen + screen_left', '2 mm'),
                $cut('insulation-screen', 'cut_insulation + clear', '1 mm'),
                ['cut' => 'insulation', 'tool' => 'stripper', 'depth' => 'insulation_thickness - 0.3 mm', 'cases' => $insulation],
            ],
            'parts' => [
                [
                    'key' => 'stress-tube',
                    'name' => 'Stress tube',
                    'kind' => 'stress-tube',
                    'parkOn' => $isJoint ? ['A'] : [],
                    'from' => $isJoint ? '-part_length / 2' : 'cut_metallic_screen - part_length',
                    'laps' => $isJoint ? ['insulation-screen' => '25 mm'] : [],
                ],
                [
                    'key' => 'outer-sleeve',
                    'name' => 'Outer sleeve',
                    'kind' => 'outer-sleeve',
                    'parkOn' => $isJoint ? ['A', 'B'] : ['A'],
                    'from' => '-part_length / 2',
                    'laps' => [],
                ],
            ],
        ];
    }
}
