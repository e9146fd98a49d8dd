<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Worked;

/**
 * Three invented assemblies that an independent program has computed in exact fractions (worked assemblies W1 to W3), in Berm's own format.
 *
 * @phpstan-type Json array<string, mixed>
 */
final class Assemblies
{
    /**
     * One-core heat-shrink joint in inches: mastic over the connector, then three tubes.
     *
     * @return Json
     */
    public static function one(): array
    {
        $cable = self::cable('4/0 AWG', '8.7/15 kV', 'in', [
            'conductor' => [0.475, 0.005], 'conductor-screen' => [0.515, 0.006], 'insulation' => [0.885, 0.01],
            'insulation-screen' => [0.965, 0.012],
            'metallic-screen' => [0.985, 0.012], 'oversheath' => [1.175, 0.02],
        ], 'copper-tape', 'aluminium', 'xlpe');
        $connector = self::connector('joint-connector', '4/0 AWG', 'aluminium', [
            'boreDepth' => '2 1/8 in', 'length' => '4 1/2 in', 'diameter' => '0.86 in', 'diameterTolerance' => '± 0.005 in',
            'shortOfHome' => '1/16 in', 'crimps' => ['die' => 'any', 'perSide' => 1, 'growth' => '1/16 in ± 1/32 in'],
        ]);
        $tube = static fn (string $length, float $percent, float $by, string $bore, string $shrunk, string $wall, string $wallBy): array => [
            'length' => "$length in", 'change' => ['percent' => $percent, 'below' => $by, 'above' => $by],
            'expandedBore' => "$bore in - 0 in + 0.1 in", 'recoveredBore' => "$shrunk in",
            'wall' => "$wall in ± $wallBy in",
        ];
        $mastic = static fn (string $key, string $side, string $from, string $to, array $winding): array => [
            'key' => $key, 'name' => ucfirst(str_replace('-', ' ', $key)), 'nature' => 'wrap', 'class' => 'grading',
            'of' => 'stress-mastic',
            'side' => $side, 'from' => $from, 'to' => $to, 'hand' => '1/16 in', 'winding' => $winding,
        ];
        $slid = static fn (string $key, string $class, string $hand, string $park, string $spare, array $rules): array => [
            'key' => $key, 'name' => ucfirst(str_replace('-', ' ', $key)), 'nature' => 'tube', 'class' => $class, 'of' => $key,
            'centredOn' => 'insulation-screen', 'hand' => "$hand in", 'parkOn' => [$park],
            'rules' => [['rule' => 'passes', 'min' => "$spare in"], ['rule' => 'grips', 'min' => '1/8 in'], ...$rules],
        ];
        $lap = static fn (string $of, string $least): array => ['rule' => 'laps', 'of' => $of, 'min' => $least];

        return self::job('joint', 'in', [$cable, $cable], $connector, [
            'stock' => [
                [
                    'key' => 'stress-mastic', 'name' => 'Stress mastic', 'kind' => 'stress-mastic', 'count' => 3, 'width' => '1 in',
                    'thickness' => '0.06 in ± 0.006 in', 'length' => '24 in', 'stretch' => 0.5, 'lap' => '1/4 in',
                ],
                [
                    'key' => 'stress-tube', 'name' => 'Stress tube', 'kind' => 'stress-tube', 'count' => 1,
                    ...$tube('17', -3, 1.5, '1.42', '0.55', '0.085', '0.008'),
                ],
                [
                    'key' => 'insulating-tube', 'name' => 'Insulating tube', 'kind' => 'insulating-tube', 'count' => 1,
                    ...$tube('17', -5, 2, '1.25', '0.5', '0.15', '0.015'),
                ],
                [
                    'key' => 'outer-tube', 'name' => 'Outer tube', 'kind' => 'outer-sleeve', 'count' => 1,
                    ...$tube('26', -5, 2, '2.2', '0.75', '0.12', '0.012'),
                ],
            ],
            'cuts' => [
                self::cut('oversheath', 'cut_metallic_screen + 2 in', '1/8 in', '1/8 in'),
                self::cut('metallic-screen', 'cut_insulation_screen + 1 1/2 in', '1/16 in', '1/16 in'),
                self::cut('insulation-screen', 'cut_insulation + 4 1/2 in', '1/16 in', '1/16 in'),
                self::cut('insulation', 'connector_length / 2 + 1/4 in', '0 in', '1/16 in'),
            ],
            'items' => [
                [
                    ...$mastic('connector-mastic', 'across', 'cut_insulation + 1/4 in', 'cut_insulation + 1/4 in', ['to' => '1.15 in']),
                    'rules' => [['rule' => 'laps', 'of' => 'insulation', 'min' => '1/8 in', 'max' => '3/8 in'], [
                        'rule' => 'build', 'of' => 'connector', 'min' => '1.1 in', 'max' => '1.3 in',
                    ]],
                ],
                $mastic(
                    'step-mastic', 'each-end', 'cut_insulation_screen - 1/4 in', 'cut_insulation_screen + 1/4 in',
                    ['manner' => 'roll', 'passes' => 3],
                ),
                $slid('stress-tube', 'grading', '1/8', 'A', '1/32', [$lap('insulation-screen', '1/2 in')]),
                $slid('insulating-tube', 'insulating', '1/8', 'A', '1/32', [$lap('insulation-screen', '1/2 in')]),
                $slid('outer-tube', 'insulating', '1/4', 'B', '1/16', [$lap('oversheath', '1 1/4 in')]),
            ],
            'placeRules' => [
                self::distance('clear-of-metal', 'insulating_tube_far', 'cut_metallic_screen', 'end-a', '1/8 in'),
                [
                    'key' => 'wall', 'rule' => 'wall', 'items' => ['insulating-tube'], 'from' => 'joint_centre', 'min' => '0.06 in',
                    'reason' => 'wall',
                ],
            ],
        ], ['A' => '58 in', 'B' => '48 in']);
    }

    /**
     * One-core joint of two half tubes, each laid from its own screen edge.
     *
     * @return Json
     */
    public static function two(): array
    {
        $cable = self::cable('240 mm²', '18/30 (36) kV', 'mm', [
            'conductor' => [18.2, 0.15], 'conductor-screen' => [19.4, 0.2], 'insulation' => [36, 0.5], 'insulation-screen' => [37.8, 0.5],
            'metallic-screen' => [41, 0.5], 'oversheath' => [47, 0.7],
        ], 'copper-wire', 'copper', 'epr');
        $connector = self::connector('joint-connector', '240 mm²', 'copper', [
            'boreDepth' => '75 mm', 'length' => '150 mm', 'diameter' => '30 mm', 'diameterTolerance' => '± 0.2 mm',
            'shortOfHome' => '1 mm',
            'crimps' => ['die' => 'any', 'perSide' => 1, 'growth' => '4 mm - 1 mm + 2 mm'],
        ]);
        $half = static fn (string $side, string $edge): array => [
            'key' => "half-tube-$side", 'name' => 'Half tube '.strtoupper($side), 'nature' => 'tube', 'class' => 'insulating',
            'of' => 'half-tube',
            $edge => 'cut_insulation_screen + 15 mm', 'hand' => '1 mm', 'parkOn' => [strtoupper($side)],
            'rules' => [['rule' => 'passes', 'min' => '3 mm'], ['rule' => 'grips', 'min' => '2 mm']],
        ];

        return self::job('joint', 'mm', [$cable, $cable], $connector, [
            'stock' => [
                [
                    'key' => 'filler', 'name' => 'Filler', 'kind' => 'filling-mastic', 'count' => 2, 'width' => '50 mm',
                    'thickness' => '3 mm ± 0.2 mm', 'length' => '1500 mm', 'stretch' => 0.5, 'lap' => '12.5 mm',
                ],
                [
                    'key' => 'half-tube', 'name' => 'Half tube', 'kind' => 'insulating-tube', 'count' => 2, 'length' => '276 mm',
                    'change' => ['percent' => -4, 'below' => 0.5, 'above' => 0.5], 'expandedBore' => '62 mm - 0 mm + 2 mm',
                    'recoveredBore' => '26 mm', 'wall' => '5 mm ± 0.4 mm',
                ],
                [
                    'key' => 'conductive-tube', 'name' => 'Conductive tube', 'kind' => 'conductive-tube', 'count' => 1,
                    'length' => '600 mm',
                    'change' => ['percent' => -5, 'below' => 1, 'above' => 1], 'expandedBore' => '80 mm - 0 mm + 2 mm',
                    'recoveredBore' => '30 mm', 'wall' => '2.5 mm ± 0.2 mm',
                ],
            ],
            'cuts' => [
                self::cut('oversheath', 'cut_metallic_screen + 70 mm', '3 mm', '3 mm'),
                self::cut('metallic-screen', 'cut_insulation_screen + 50 mm', '2 mm', '2 mm'),
                self::cut('insulation-screen', 'cut_insulation + 150 mm', '1 mm', '1 mm'),
                self::cut('insulation', 'half_connector + 3 mm', '0 mm', '1 mm'),
            ],
            'items' => [
                [
                    'key' => 'filler', 'name' => 'Filler', 'nature' => 'wrap', 'class' => 'insulating', 'of' => 'filler',
                    'from' => 'cut_insulation + 8 mm',
                    'to' => 'cut_insulation + 8 mm', 'hand' => '2 mm', 'winding' => ['to' => '37 mm'],
                ],
                $half('a', 'from'),
                $half('b', 'to'),
                [
                    'key' => 'conductive-tube', 'name' => 'Conductive tube', 'nature' => 'tube', 'class' => 'semiconducting',
                    'of' => 'conductive-tube',
                    'centredOn' => 'insulation-screen', 'hand' => '5 mm', 'parkOn' => ['B'],
                    'rules' => [['rule' => 'passes', 'min' => '3 mm'], ['rule' => 'grips', 'min' => '2 mm']],
                ],
            ],
            'placeRules' => [
                self::distance('halves-overlap', 'half_tube_a_near', 'half_tube_b_far', 'end-a', '40 mm'),
                self::distance('half-a-laps', 'cut_insulation_screen', 'half_tube_a_far', 'end-a', '10 mm'),
                self::distance('half-b-laps', 'cut_insulation_screen', 'half_tube_b_far', 'end-b', '10 mm'),
                [
                    'key' => 'edge-to-metal', 'rule' => 'no-bare', 'items' => ['conductive-tube'], 'side' => 'across',
                    'from' => 'cut_metallic_screen',
                    'to' => 'cut_metallic_screen', 'reason' => 'nothing semiconducting stays bare',
                ],
                [
                    'key' => 'insulations', 'rule' => 'distance', 'side' => 'across', 'from' => 'cut_insulation', 'to' => 'cut_insulation',
                    'max' => '168 mm',
                    'reason' => 'no more than 168 mm between the insulations',
                ],
                [
                    'key' => 'wall', 'rule' => 'wall', 'items' => ['half-tube-a', 'half-tube-b'], 'from' => 'joint_centre', 'min' => '6 mm',
                    'reason' => 'wall over the connector',
                ],
            ],
        ], ['A' => '900 mm', 'B' => '1400 mm']);
    }

    /**
     * Three-core termination, outdoors.
     *
     * @param bool $isLugFirst the tubes go on over a lug that is fitted already
     *
     * @return Json
     */
    public static function three(bool $isLugFirst): array
    {
        $cable = self::cable('185 mm²', '8.7/15 (17.5) kV', 'mm', [
            'conductor' => [16.1, 0.15], 'conductor-screen' => [17.1, 0.2], 'insulation' => [26.3, 0.4], 'insulation-screen' => [28, 0.4],
            'metallic-screen' => [28.4, 0.4], 'oversheath' => [71, 1],
        ], 'copper-tape', 'aluminium', 'xlpe', 3);
        $connector = self::connector('lug', '185 mm²', 'aluminium', [
            'boreDepth' => '72 mm', 'length' => '72 mm', 'diameter' => '27 mm', 'diameterTolerance' => '± 0.2 mm',
            'shortOfHome' => '2 mm', 'holeToMouth' => '110 mm', 'pad' => ['width' => '42 mm', 'holes' => 1, 'hole' => '13 mm'],
            'crimps' => ['die' => 'any', 'perSide' => 1, 'growth' => '2 mm ± 1 mm'],
        ]);
        $stock = static fn (string $key, string $kind, string $length, string $bore, string $shrunk, string $wall): array => [
            'key' => $key, 'name' => ucfirst(str_replace('-', ' ', $key)), 'kind' => $kind, 'count' => 3, 'length' => "$length mm",
            'change' => ['percent' => -5, 'below' => 2, 'above' => 2], 'expandedBore' => "$bore mm - 0 mm + 2 mm",
            'recoveredBore' => "$shrunk mm", 'wall' => "$wall mm ± 0.2 mm",
        ];
        $tube = static fn (string $key, string $class, string $to, array $rules): array => [
            'key' => $key, 'name' => ucfirst(str_replace('-', ' ', $key)), 'nature' => 'tube', 'class' => $class, 'of' => $key,
            'side' => 'end-a',
            'perCore' => true, 'to' => $to, 'hand' => '3 mm', 'rules' => [
                ['rule' => 'passes', 'min' => '2 mm'], ['rule' => 'grips', 'min' => '2 mm'], ...$rules,
            ],
        ];
        $items = ['finger', 'edge-mastic', 'stress-tube', 'anti-track-tube', 'seal-tube'];
        $cuts = ['oversheath', 'metallic-screen', 'insulation-screen', 'insulation'];
        $lug = ['key' => 'lug', 'title' => 'Lug', 'steps' => [['connector' => true]]];
        $tubes = ['key' => 'tubes', 'title' => 'Tubes', 'steps' => array_map(static fn (string $item): array => ['set' => $item], $items)];

        return self::job('termination', 'mm', [$cable], $connector, [
            'cores' => 3,
            'stock' => [
                [
                    'key' => 'edge-mastic', 'name' => 'Edge mastic', 'kind' => 'stress-mastic', 'count' => 3, 'width' => '20 mm',
                    'thickness' => '1.5 mm ± 0.1 mm', 'length' => '250 mm', 'stretch' => 0.5,
                ],
                ['key' => 'finger', 'name' => 'Breakout', 'kind' => 'breakout', 'count' => 1, 'outside' => '33 mm ± 0.5 mm'],
                $stock('stress-tube', 'stress-tube', '170', '44', '18', '2'),
                $stock('anti-track-tube', 'anti-track-tube', '585', '40', '16', '2.6'),
                $stock('seal-tube', 'seal-tube', '110', '48', '17', '2'),
            ],
            'cuts' => [
                self::cut('oversheath', '670 mm', '5 mm', '5 mm'),
                self::cut('metallic-screen', 'cut_insulation_screen + 30 mm', '2 mm', '2 mm'),
                self::cut('insulation-screen', '500 mm', '2 mm', '2 mm'),
                self::cut('insulation', 'bore_depth + 5 mm', '0 mm', '2 mm'),
            ],
            'items' => [
                [
                    'key' => 'finger', 'name' => 'Finger', 'nature' => 'moulded', 'class' => 'insulating', 'of' => 'finger',
                    'side' => 'end-a', 'perCore' => true,
                    'from' => 'cut_oversheath - 95 mm', 'to' => 'cut_oversheath', 'hand' => '3 mm',
                ],
                [
                    'key' => 'edge-mastic', 'name' => 'Edge mastic', 'nature' => 'wrap', 'class' => 'grading', 'of' => 'edge-mastic',
                    'side' => 'end-a',
                    'perCore' => true, 'from' => 'cut_insulation_screen - 10 mm', 'to' => 'cut_insulation_screen + 10 mm', 'hand' => '2 mm',
                    'winding' => ['manner' => 'roll', 'passes' => 2],
                ],
                $tube(
                    'stress-tube', 'grading', 'cut_insulation_screen + 25 mm',
                    [['rule' => 'laps', 'of' => 'insulation-screen', 'min' => '20 mm']],
                ),
                $tube('anti-track-tube', 'insulating', 'finger_near + 30 mm', [['rule' => 'laps', 'of' => 'finger', 'min' => '20 mm']]),
                $tube(
                    'seal-tube', 'insulating', 'cut_insulation + 40 mm', [['rule' => 'laps', 'of' => 'anti-track-tube', 'min' => '30 mm']],
                ),
            ],
            'placeRules' => [
                self::distance('copper-above-fingers', 'cut_metallic_screen', 'finger_near', 'end-a', '30 mm', '60 mm'),
                self::distance('screen-above-copper', 'cut_insulation_screen', 'cut_metallic_screen', 'end-a', '20 mm', '40 mm'),
                self::distance('reaches-insulation-end', 'anti_track_tube_near', 'cut_insulation', 'end-a', '0 mm', '60 mm'),
                self::distance('laps-barrel', 'seal_tube_near', 'mouth', 'end-a', '40 mm'),
                [
                    'key' => 'finger-to-barrel', 'rule' => 'no-bare', 'items' => ['anti-track-tube', 'seal-tube'], 'side' => 'end-a',
                    'from' => 'mouth',
                    'to' => 'finger_near', 'reason' => 'nothing bare from finger to barrel',
                ],
                [
                    'key' => 'wall', 'rule' => 'wall', 'items' => ['anti-track-tube'], 'side' => 'end-a',
                    'from' => 'cut_insulation + 100 mm', 'min' => '1.6 mm',
                    'reason' => 'wall over the insulation',
                ],
            ],
            'stages' => [
                [
                    'key' => 'cut', 'title' => 'Cut', 'steps' => array_map(static fn (string $cut): array => ['cut' => $cut], $cuts),
                ], ...($isLugFirst ? [$lug, $tubes] : [$tubes, $lug]),
            ],
        ], ['A' => '670 mm']);
    }

    /**
     * With a grip rule at each of the places that the worked assemblies name.
     *
     * @param Json                                        $job
     * @param list<array{string, string, string, string}> $places item, side, place, least grip
     *
     * @return Json
     */
    public static function gripping(array $job, array $places): array
    {
        $rules = array_map(static fn (array $place): array => [
            'key' => 'grip', 'rule' => 'grips', 'items' => [$place[0]], 'side' => $place[1], 'from' => $place[2], 'min' => $place[3],
            'reason' => 'tight there',
        ], $places);
        \assert(\is_array($job['kit']) && \is_array($job['kit']['sheet']) && \is_array($job['kit']['sheet']['placeRules']));
        $job['kit']['sheet']['placeRules'] = [...$job['kit']['sheet']['placeRules'], ...$rules];

        return $job;
    }

    /** @return Json */
    private static function distance(string $key, string $from, string $to, string $side, string $min, ?string $max = null): array
    {
        return [
            'key' => $key, 'rule' => 'distance', 'side' => $side, 'from' => $from, 'to' => $to, 'min' => $min,
            ...(null === $max ? [] : ['max' => $max]),
            'reason' => str_replace('-', ' ', $key),
        ];
    }

    /** @return Json */
    private static function cut(string $cut, string $distance, string $below, string $above): array
    {
        return [
            'cut' => $cut, 'tool' => 'any',
            'cases' => [['distance' => $distance, 'tolerance' => compact('below', 'above'), 'reason' => 'given']],
        ];
    }

    /**
     * @param array<string, array{float|int, float}> $layers diameter and what it may differ
     *
     * @return Json
     */
    private static function cable(
        string $size, string $voltage, string $unit, array $layers, string $screen, string $metal, string $insulation, int $cores = 1,
    ): array {
        $layer = static fn (string $kind, float|int $is, float $by): array => [
            'layer' => $kind, 'diameter' => "$is $unit", 'min' => ($is - $by)." $unit", 'max' => ($is + $by)." $unit",
        ];

        return [
            'id' => 'worked', 'revision' => 1, 'designation' => 'Worked', 'standard' => '', 'ratedVoltage' => $voltage, 'cores' => $cores,
            'conductor' => [
                'material' => $metal, 'shape' => 'compacted', 'size' => $size,
            ], 'insulation' => $insulation, 'metallicScreen' => $screen,
            'oversheath' => 'pe',
            'layers' => array_map(static fn (string $kind, array $of): array => $layer($kind, ...$of), array_keys($layers), $layers),
        ];
    }

    /**
     * @param Json $more
     *
     * @return Json
     */
    private static function connector(string $kind, string $size, string $metal, array $more): array
    {
        return [
            'id' => 'worked', 'revision' => 1, 'name' => 'Worked', 'maker' => 'Worked', 'kind' => $kind, 'fixing' => 'crimp',
            'materials' => [$metal],
            'conductor' => ['min' => $size, 'max' => $size], 'bore' => '18.5 mm', 'method' => 'As given.', ...$more,
        ];
    }

    /**
     * @param list<Json>            $cables
     * @param Json                  $connector
     * @param Json                  $sheet
     * @param array<string, string> $free
     *
     * @return Json
     */
    private static function job(string $function, string $unit, array $cables, array $connector, array $sheet, array $free): array
    {
        $ends = [];
        foreach ($cables as $i => $cable) {
            $end = 0 === $i ? 'A' : 'B';
            $ends[$end] = ['cable' => $cable, 'freeLength' => $free[$end]];
        }
        $range = static fn (string $min, string $max): array => compact('min', 'max');
        $size = \is_array($connector['conductor']) ? $connector['conductor'] : [];

        return [
            'format' => 'berm/job/1', 'name' => 'Worked', 'function' => $function, 'unit' => $unit, 'ends' => $ends,
            'kit' => ['size' => 'only', 'sheet' => [
                'id' => 'worked', 'revision' => 1, 'edition' => 2, 'name' => 'Worked', 'maker' => 'Worked', 'function' => $function,
                'technology' => 'heat-shrink', 'ratedVoltage' => $cables[0]['ratedVoltage'], 'insulations' => [$cables[0]['insulation']],
                'metallicScreens' => [$cables[0]['metallicScreen']],
                'sizes' => [[
                    'label' => 'only', 'conductor' => $size, 'insulation' => $range('10 mm', '60 mm'),
                    'oversheath' => $range('10 mm', '100 mm'),
                    'connectorDiameter' => $range('10 mm', '60 mm'), 'connectorLength' => $range('10 mm', '300 mm'), 'dimensions' => [],
                ]],
                ...$sheet,
            ]],
            'connector' => $connector, 'log' => [],
        ];
    }
}
