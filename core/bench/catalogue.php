<?php

/** A large made-up catalogue, by varying the sheets of the demo from a seed: as their open files. */

declare(strict_types=1);

/**
 * @param int $sizes a sheet
 *
 * @return Generator<int, array<string, mixed>> kit sheets
 */
function manyKits(int $sheets, int $sizes): Generator
{
    mt_srand(20261125);
    $demo = array_map(
        static fn (string $file): array => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR),
        glob(dirname(__DIR__, 2).'/demo/kits/*.json'),
    );
    for ($i = 0; $i < $sheets; ++$i) {
        $sheet = $demo[$i % count($demo)];
        // A maker has a sheet for a voltage class and a few screens, and sizes that cover the conductors step by step.
        $voltage = ['6.35/11 (12) kV', '8.7/15 (17.5) kV', '12/20 (24) kV', '18/30 (36) kV', '15 kV', '25 kV', '35 kV'][mt_rand(0, 6)];
        $made = array_map(static fn (int $n): array => manySize($sheet['sizes'][$n % count($sheet['sizes'])], $n), range(1, $sizes));
        yield [
            ...$sheet,
            'id' => "bench-kit-$i",
            'name' => "{$sheet['name']} $i",
            'ratedVoltage' => $voltage,
            'overlappingSizes' => true,
            'sizes' => $made,
        ];
    }
}

/**
 * @param array<string, mixed> $size
 *
 * @return array<string, mixed>
 */
function manySize(array $size, int $number): array
{
    $by = 0.5 + 0.15 * $number + mt_rand(-50, 50) / 1000;
    $scaled = static function (string $text) use ($by): string {
        $length = Berm\Core\Quantity\Length::parse($text, Berm\Core\Quantity\LengthUnit::Millimetre);

        return round($length->inMillimetres() * $by, 1).' mm';
    };
    $range = static fn (array $range): array => array_map($scaled, $range);
    foreach (['insulation', 'oversheath', 'leadSheath', 'connectorDiameter', 'connectorLength'] as $of) {
        isset($size[$of]) && $size[$of] = $range($size[$of]);
    }
    // Parts of the first edition, stock of the second, where a length may have a tolerance behind it.
    foreach (['parts', 'stock'] as $in) {
        foreach ($size[$in] ?? [] as $key => $part) {
            foreach (array_intersect_key($part, ['expandedBore' => 1, 'recoveredBore' => 1]) as $bore => $text) {
                [$length, $tolerance] = [...preg_split('/(?= [±+-] )/u', $text, 2), ''];
                $size[$in][$key][$bore] = $scaled($length).$tolerance;
            }
        }
    }
    unset($size['gtin'], $size['ratedVoltage']);

    return [...$size, 'label' => "S$number"];
}

/** @return Generator<int, array<string, mixed>> connectors */
function manyConnectors(int $count): Generator
{
    mt_srand(61238);
    $demo = array_map(
        static fn (string $file): array => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR),
        glob(dirname(__DIR__, 2).'/demo/connectors/*.json'),
    );
    for ($i = 0; $i < $count; ++$i) {
        $connector = $demo[$i % count($demo)];
        $by = mt_rand(900, 1100) / 1000;
        foreach (['bore', 'boreDepth', 'diameter', 'length', 'holeToMouth'] as $of) {
            isset($connector[$of]) && $connector[$of] = round(
                Berm\Core\Quantity\Length::parse($connector[$of], Berm\Core\Quantity\LengthUnit::Millimetre)->inMillimetres() * $by, 1,
            ).' mm';
        }
        yield [...$connector, 'id' => "bench-connector-$i", 'name' => "{$connector['name']} $i"];
    }
}
