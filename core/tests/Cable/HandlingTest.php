<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\Handling;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\Fields;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class HandlingTest extends TestCase
{
    /**
     * Radii and temperatures are common practice; 12 D for tape shields and 8 D for wire neutrals stand beside the ICEA standards; from
     * memory.
     *
     * @return iterable<string, array{array<string, mixed>, int, int}>
     */
    public static function cables(): iterable
    {
        $american = ['material' => 'aluminium', 'shape' => 'compressed', 'size' => '4/0'];
        $sector = ['material' => 'copper', 'shape' => 'sector', 'size' => '95 mm²'];
        $wires = ['count' => 13, 'diameter' => '1.63 mm'];
        yield 'one core under PE' => [[], -15, 20];
        yield 'one core under PVC' => [['oversheath' => 'pvc'], 0, 20];
        yield 'three cores, armoured' => [['cores' => 3, 'bedding' => 'extruded', 'armour' => 'steel-wire', 'oversheath' => 'pvc'], 0, 15];
        yield 'one core, armoured' => [['bedding' => 'extruded', 'armour' => 'aluminium-wire'], -15, 15];
        yield 'tape shield' => [['ratedVoltage' => '15 kV', 'conductor' => $american, 'oversheath' => 'pvc'], -10, 12];
        yield 'concentric neutral' => [
            ['ratedVoltage' => '15 kV', 'conductor' => $american, 'metallicScreen' => 'concentric-neutral', 'screenWires' => $wires],
            -20,
            8,
        ];
        yield 'three paper cores' => [
            ['cores' => 3, 'conductor' => $sector, 'insulation' => 'paper', 'metallicScreen' => 'lead-sheath', 'oversheath' => 'serving'],
            4,
            15,
        ];
        yield 'one paper core, in inches' => [
            [
                'conductor' => $american,
                'ratedVoltage' => '15 kV',
                'insulation' => 'paper',
                'metallicScreen' => 'lead-sheath',
                'oversheath' => 'serving',
            ],
            4,
            20,
        ];
    }

    /** @param array<string, mixed> $change */
    #[Test]
    #[DataProvider('cables')]
    public function howColdAndHowTightlyFollowsFromTheConstruction(array $change, int $celsius, int $times): void
    {
        $handling = Handling::of(Fields::read([...self::PLAIN, ...$change], CableTypeFile::read(...))->design);
        self::assertSame([$celsius, $times], [$handling->lowestCelsius, $handling->timesDiameter]);
        self::assertSame(30 * $times.' mm', $handling->radiusFor(Length::ofMillimetres(30))->toText());
        self::assertStringContainsString('common practice', $handling->source);
    }

    private const PLAIN = [
        'id' => 'test', 'revision' => 1, 'designation' => 'Test', 'ratedVoltage' => '6.35/11 (12) kV', 'conductor' => [
            'material' => 'aluminium', 'shape' => 'compacted', 'size' => '95 mm²',
        ],
        'insulation' => 'xlpe', 'metallicScreen' => 'copper-tape', 'oversheath' => 'pe', 'layers' => [],
    ];
}
