<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable;

use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Cable\UnreadableVoltage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** IEC 60502-2 clause 4.1 and IEC 60183 for U0/U (Um); ICEA S-97-682 and ANSI C84.1 for the classes. All from memory. */
final class RatedVoltageTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> as typed, as kept, Um in volts */
    public static function voltages(): iterable
    {
        yield 'in full' => ['6.35/11 (12) kV', '6.35/11 (12) kV', 12_000];
        yield 'with commas' => ['6,35/11 (12) kV', '6.35/11 (12) kV', 12_000];
        yield 'without Um' => ['12/20 kV', '12/20 (24) kV', 24_000];
        yield 'without spaces' => ['12.7/22(24)kV', '12.7/22 (24) kV', 24_000];
        yield 'with a no-break space' => ["19/33 (36)\u{00A0}kV", '19/33 (36) kV', 36_000];
        yield '3.6/6' => ['3.6/6 (7.2) kV', '3.6/6 (7.2) kV', 7_200];
        yield '8.7/15' => ['8.7/15 kV', '8.7/15 (17.5) kV', 17_500];
        yield '18/30' => ['18/30 (36) kV', '18/30 (36) kV', 36_000];
        yield 'a system voltage of 11' => ['11 kV', '6.35/11 (12) kV', 12_000];
        yield 'a system voltage of 33' => ['33kV', '19/33 (36) kV', 36_000];
        yield 'a system voltage of 20' => ['20 kV', '12/20 (24) kV', 24_000];
        yield 'Um alone, where it is nothing else' => ['24 kV', '24 kV', 24_000];
        yield 'a class' => ['15 kV', '15 kV', 15_000];
        yield 'another class' => ['35 kV', '35 kV', 35_000];
        yield 'a distribution voltage of a class' => ['12.47 kV', '15 kV', 15_000];
        yield 'of the next class' => ['24.94 kV', '25 kV', 25_000];
        yield 'and of the next' => ['34.5 kV', '35 kV', 35_000];
    }

    #[Test]
    #[DataProvider('voltages')]
    public function aVoltageIsReadAsItIsWritten(string $text, string $label, int $highest): void
    {
        $voltage = RatedVoltage::parse($text);
        self::assertSame([$label, $highest], [$voltage->label, $voltage->highestVolts]);
        self::assertSame($label, RatedVoltage::parse($voltage->label)->label, 'what is kept is read again as the same');
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'Um is that of another series' => ['12/20 (12) kV', '24 kV'];
        yield 'U is not the root of three times U0' => ['20/12 (24) kV', '20/12 (24) kV'];
        yield 'U0 too low' => ['6/11 (12) kV', '6/11'];
        yield 'U0 too high' => ['7/11 (12) kV', '7/11'];
        yield 'U0 of nothing' => ['0/11 kV', '0/11'];
        yield '12 kV, which is the Um of one and the U0 of another' => ['12 kV', '6.35/11 (12) kV or 12/20 (24) kV'];
        yield '6 kV' => ['6 kV', '3.6/6 (7.2) kV or 6/10 (12) kV'];
        yield '3.6 kV' => ['3.6 kV', '1.8/3 (3.6) kV or 3.6/6 (7.2) kV'];
        yield 'no series' => ['13 kV', '13 kV'];
        yield 'a series of nobody' => ['8/14 kV', '8/14'];
        yield 'a word' => ['high', 'is not a rated voltage'];
        yield 'nothing' => ['', 'is not a rated voltage'];
    }

    #[Test]
    #[DataProvider('refused')]
    public function whatDoesNotAgreeOrCanBeReadInTwoWaysIsAsked(string $text, string $says): void
    {
        $this->expectException(UnreadableVoltage::class);
        $this->expectExceptionMessage($says);
        RatedVoltage::parse($text);
    }

    #[Test]
    public function aClassIsToldFromASeries(): void
    {
        self::assertSame(
            [true, true, false, false],
            array_map(static fn (string $text): bool => RatedVoltage::parse($text)->isClass(), ['15 kV', '5 kV', '11 kV', '24 kV']),
        );
    }
}
