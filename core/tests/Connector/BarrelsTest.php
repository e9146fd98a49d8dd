<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Connector;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Barrels;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A connector with two sides goes on the way round in which each conductor lies in the side that is made for it. */
final class BarrelsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, string, list<string>}> connector, cables; metal and greatest size of the side at A and
     *                                                                       at B
     */
    public static function sides(): iterable
    {
        yield 'aluminium at A' => ['brasswick-bi-95', 'iec-1x95-al-12', 'iec-1x95-cu-12', ['aluminium 95 mm²', 'copper 95 mm²']];
        yield 'aluminium at B' => ['brasswick-bi-95', 'iec-1x95-cu-12', 'iec-1x95-al-12', ['copper 95 mm²', 'aluminium 95 mm²']];
        yield 'the large side at A' => [
            'brasswick-al-cu-240', 'iec-1x240-al-12', 'iec-1x185-cu-12', ['aluminium 240 mm²', 'copper 185 mm²'],
        ];
        yield 'the large side at B' => [
            'brasswick-al-cu-240', 'iec-1x185-cu-12', 'iec-1x240-al-12', ['copper 185 mm²', 'aluminium 240 mm²'],
        ];
        yield 'where it fits neither way, as its sheet has it' => [
            'brasswick-bi-95', 'iec-1x95-cu-12', 'iec-1x95-cu-12', ['aluminium 95 mm²', 'copper 95 mm²'],
        ];
        yield 'refused either way, the larger side to the larger conductor' => [
            'brasswick-al-cu-240', 'iec-1x95-al-12', 'iec-1x120-al-12', ['copper 185 mm²', 'aluminium 240 mm²'],
        ];
    }

    /** @param list<string> $sides */
    #[Test]
    #[DataProvider('sides')]
    public function itIsTurnedToTheConductors(string $connector, string $cableA, string $cableB, array $sides): void
    {
        $barrels = Demo::connector($connector)->barrels->turnedTo(self::cables($connector, $cableA, $cableB));
        self::assertSame($sides, array_map(static fn (End $end): string => self::said($barrels, $end), End::cases()));
    }

    #[Test]
    public function depthsAndGrowthAreOfBothSides(): void
    {
        $barrels = Demo::connector('brasswick-al-cu-240')->barrels;
        $each = $barrels->all();
        self::assertCount(2, $each);
        self::assertSame($each[0]->depth->plus($each[1]->depth)->toText(), $barrels->depths()->toText());
        self::assertSame($each[0]->growth()->plus($each[1]->growth())->toText(), $barrels->growth()->toText());
        self::assertFalse($barrels->areAlike());
        self::assertTrue(Demo::connector('brasswick-al-95')->barrels->areAlike());
    }

    private static function said(Barrels $barrels, End $end): string
    {
        $barrel = $barrels->at($end);

        return implode(' and ', array_map(static fn (ConductorMaterial $metal): string => $metal->value, $barrel->materials))
            .' '.$barrel->sizes->max->label;
    }

    /** @return list<CableEnd> */
    private static function cables(string $connector, string $cableA, string $cableB): array
    {
        return array_values(Demo::job('quillon-straight-12', '2', $connector, ['A' => $cableA, 'B' => $cableB], 'buried')->cables);
    }
}
