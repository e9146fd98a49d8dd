<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Torque;
use Berm\Core\Quantity\UnreadableTorque;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TorqueTest extends TestCase
{
    /** Source: GNU units, run here. */
    #[Test]
    public function poundFeetAgreeWithGnuUnits(): void
    {
        foreach (['50', '60', '26.5'] as $poundFeet) {
            $output = shell_exec("units -t -o %.9g -- '$poundFeet lbf ft' 'N m'");
            self::assertIsString($output, 'GNU units must be installed');
            self::assertEqualsWithDelta((float) $output, Torque::parse("$poundFeet lbf·ft")->newtonMetres(), 1e-5);
        }
    }

    #[Test]
    public function bothUnitsAreSaid(): void
    {
        self::assertSame(
            ['67.8 N·m (50 lbf·ft)', '81.3 N·m (60 lbf·ft)'],
            [Torque::parse('50 lbf·ft')->inBothUnits(), Torque::parse('60 ft-lb')->inBothUnits()],
        );
        self::assertSame('17 N·m (12.5 lbf·ft)', Torque::parse('17 Nm')->inBothUnits());
        self::assertSame('45.5 N·m', Torque::parse('45,5 N·m')->toText());
        self::assertEquals(Torque::parse('26 lbf·ft'), Torque::parse(Torque::parse('26 lbf·ft')->toText()), 'what is written can be read');
    }

    /**
     * A least is shown rounded up and a most rounded down, in both units: 50 lbf·ft, 67.79 N·m, does not reach 68 N·m, and nobody is told
     * that it does.
     */
    #[Test]
    public function aLimitIsShownInwardsSoThatWhatIsShownIsNeverRefused(): void
    {
        self::assertSame('68 N·m (50.2 lbf·ft)', Torque::parse('68 N·m')->inBothUnits(Rounding::Up));
        self::assertSame('81 N·m (59.7 lbf·ft)', Torque::parse('81 N·m')->inBothUnits(Rounding::Down));
        for ($tenths = 1; $tenths < 3000; $tenths += 7) {
            foreach (['N·m', 'lbf·ft'] as $unit) {
                $limit = Torque::parse(number_format($tenths / 10, 1, '.', '')." $unit");
                preg_match('/\A(\S+) N·m \((\S+) lbf·ft\)\z/u', $limit->inBothUnits(Rounding::Up), $up);
                preg_match('/\A(\S+) N·m \((\S+) lbf·ft\)\z/u', $limit->inBothUnits(Rounding::Down), $down);
                foreach (['N·m', 'lbf·ft'] as $i => $shown) {
                    self::assertTrue($limit->isAtMost(Torque::parse(($up[$i + 1] ?? '')." $shown")), "at least {$limit->toText()}");
                    self::assertTrue(
                        '0' === ($down[$i + 1] ?? '') || Torque::parse(($down[$i + 1] ?? '')." $shown")->isAtMost($limit),
                        "at most {$limit->toText()}",
                    );
                }
            }
        }
    }

    /** @return iterable<string, array{string, int}> in µN·m; the factors from NIST SP 811, 1 lbf·ft = 1.355 817 948 3314 N·m */
    public static function spellings(): iterable
    {
        foreach (['ft-lbs', 'ft-lb', 'lb-ft', 'lbf·ft', 'lbf⋅ft', 'ft lbf', 'ft·lb'] as $unit) {
            yield $unit => ["10 $unit", 13_558_179];
        }
        foreach (['in-lb', 'in-lbs', 'lbf·in', 'lb in'] as $unit) {
            yield $unit => ["120 $unit", 13_558_179];
        }
        foreach (['N·m', 'N⋅m', 'Nm', 'N m', 'N.m', 'nm'] as $unit) {
            yield $unit => ["12,5 $unit", 12_500_000];
        }
    }

    #[Test]
    #[DataProvider('spellings')]
    public function theSpellingsOfTheTradeAreRead(string $text, int $micronewtonMetres): void
    {
        self::assertSame($micronewtonMetres, Torque::parse($text)->micronewtonMetres);
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        yield 'no unit' => ['45'];
        yield 'a length' => ['45 mm'];
        yield 'nothing' => [''];
        yield 'a wheel nut of a ship' => ['5000 N·m'];
        yield 'feet of feet' => ['33 ft-ft'];
        yield 'pounds of pounds' => ['33 lb-lb'];
        yield 'zero' => ['0 N·m'];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function whatIsNoTorqueSaysWhatWouldBe(string $text): void
    {
        $this->expectException(UnreadableTorque::class);
        $this->expectExceptionMessage('write 45 N·m, 33 lbf·ft or 400 in-lb');
        Torque::parse($text);
    }
}
