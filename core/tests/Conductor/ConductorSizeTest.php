<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Conductor;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Conductor\SizeRangeUpsideDown;
use Berm\Core\Conductor\UnreadableSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ConductorSizeTest extends TestCase
{
    /**
     * Source: ASTM B258 and NEC chapter 9 table 8 (areas of AWG sizes, rounded to the digits given there); 1 kcmil = 0.506707 mm².
     * Values from memory.
     *
     * @return iterable<string, array{string, string, float, float}>
     */
    public static function sizes(): iterable
    {
        yield 'metric' => ['95 mm²', '95 mm²', 95.0, 0.0];
        yield 'metric without the raised two' => ['95mm2', '95 mm²', 95.0, 0.0];
        yield '2 AWG' => ['2 AWG', '2 AWG', 33.6, 0.05];
        yield '1/0' => ['1/0', '1/0 AWG', 53.5, 0.05];
        yield '2/0' => ['2/0 AWG', '2/0 AWG', 67.4, 0.05];
        yield '4/0' => ['4/0', '4/0 AWG', 107.2, 0.05];
        yield '250 kcmil' => ['250 kcmil', '250 kcmil', 126.68, 0.005];
        yield '500 MCM' => ['500 MCM', '500 kcmil', 253.35, 0.005];
        yield '1000 kcmil' => ['1000 kcmil', '1000 kcmil', 506.71, 0.005];
    }

    #[Test]
    #[DataProvider('sizes')]
    public function sizesAreReadAsTheyStandOnTheCable(string $text, string $label, float $area, float $delta): void
    {
        $size = ConductorSize::parse($text);
        self::assertSame($label, $size->label);
        self::assertEqualsWithDelta($area, $size->area, $delta);
    }

    /** Source: GNU units, wiregauge() and mcm, run here. */
    #[Test]
    public function gaugesAgreeWithGnuUnits(): void
    {
        foreach ([
            '2 AWG' => '(pi/4) wiregauge(2)^2', '4/0' => '(pi/4) wiregauge(-3)^2', '350 kcmil' => '350 mcm',
        ] as $text => $expression) {
            $output = shell_exec(\sprintf('units -t -o %%.10g %s mm^2', escapeshellarg($expression)));
            self::assertIsString($output, 'GNU units must be installed');
            self::assertEqualsWithDelta((float) trim($output), ConductorSize::parse($text)->area, 1e-4, $text);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', '95', 'ninety-five', '5/0', '00000', '#0', '41 AWG', '49 kcmil', '77 AWG', '-95 mm²'] as $text) {
            yield "'$text'" => [$text];
        }
    }

    /** IEC 60228 table 1 (the sizes from memory). */
    #[Test]
    public function aNumberThatNoConductorHasIsRefusedWithItsNeighbours(): void
    {
        foreach (['96 mm²' => '95 mm² or 120 mm²', '0 mm²' => 'write 1 mm².', '9999 mm²' => 'write 2500 mm².'] as $text => $mend) {
            try {
                ConductorSize::parse($text);
                self::fail($text.' is read');
            } catch (UnreadableSize $refused) {
                self::assertStringContainsString($mend, $refused->getMessage());
            }
        }
    }

    #[Test]
    #[DataProvider('nonsense')]
    public function whatIsNoSizeIsRefusedWithTheFormsThatAre(string $text): void
    {
        $this->expectException(UnreadableSize::class);
        $this->expectExceptionMessage('write 95 mm², 2 AWG, 4/0 or 500 kcmil');
        ConductorSize::parse($text);
    }

    #[Test]
    public function aRangeMayMixTheTwoSystems(): void
    {
        $range = SizeRange::between(ConductorSize::parse('2 AWG'), ConductorSize::parse('4/0'));
        self::assertTrue($range->contains(ConductorSize::parse('4/0')), 'both ends belong to it');
        self::assertTrue($range->contains(ConductorSize::parse('95 mm²')));
        self::assertFalse($range->contains(ConductorSize::parse('120 mm²')));
        $this->expectException(SizeRangeUpsideDown::class);
        SizeRange::between(ConductorSize::parse('150 mm²'), ConductorSize::parse('4/0'));
    }
}
