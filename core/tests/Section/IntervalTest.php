<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Section;

use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\Interval;
use Berm\Core\Section\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** How one thing on the axis lies to another; all in mm. */
final class IntervalTest extends TestCase
{
    /**
     * @return iterable<string, array{array{int, int}, array{int, int}, list<string>}> one, another; lap, overhang, gap, offset of their
     *                                                                                 middles
     */
    public static function pairs(): iterable
    {
        yield 'the same' => [[0, 100], [0, 100], ['100 mm', '0 mm', '0 mm', '0 mm']];
        yield 'over it on both sides' => [[-20, 110], [0, 100], ['100 mm', '10 mm', '0 mm', '5 mm']];
        yield 'more on the other side' => [[-10, 120], [0, 100], ['100 mm', '10 mm', '0 mm', '5 mm']];
        yield 'inside it' => [[20, 90], [0, 100], ['70 mm', '-20 mm', '0 mm', '5 mm']];
        yield 'over one end' => [[-50, 30], [0, 100], ['30 mm', '-70 mm', '0 mm', '60 mm']];
        yield 'over the other end' => [[70, 150], [0, 100], ['30 mm', '-70 mm', '0 mm', '60 mm']];
        yield 'edge to edge' => [[100, 150], [0, 100], ['0 mm', '-100 mm', '0 mm', '75 mm']];
        yield 'apart' => [[112, 150], [0, 100], ['-12 mm', '-112 mm', '12 mm', '81 mm']];
        yield 'apart on the other side' => [[-50, -7], [0, 100], ['-7 mm', '-107 mm', '7 mm', '78.5 mm']];
    }

    /**
     * @param array{int, int} $one
     * @param array{int, int} $other
     * @param list<string>    $lies
     */
    #[Test]
    #[DataProvider('pairs')]
    public function oneLiesToTheOther(array $one, array $other, array $lies): void
    {
        [$one, $other] = [self::interval(...$one), self::interval(...$other)];
        self::assertSame($lies, array_map(static fn (Length $length): string => $length->toText(), [
            $one->lapOn($other), $one->overhangOf($other), $one->gapTo($other), $one->offsetFrom($other),
        ]));
        self::assertSame($lies[0], $other->lapOn($one)->toText());
        self::assertSame($lies[2], $other->gapTo($one)->toText());
    }

    private static function interval(int $from, int $to): Interval
    {
        [$from, $to] = [Length::ofMillimetres($from), Length::ofMillimetres($to)];

        return new Interval(Place::item('tube'), 'Tube', null, $from, $to, Length::ofMillimetres(10), Standing::Planned);
    }
}
