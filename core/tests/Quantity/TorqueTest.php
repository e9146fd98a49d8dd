<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

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

    /** Source: the 600 A interface torque of common practice, 50 to 60 lbf·ft, is 68 to 81 N·m. */
    #[Test]
    public function bothUnitsAreSaid(): void
    {
        self::assertSame(['68 N·m (50 lbf·ft)', '81 N·m (60 lbf·ft)'], [Torque::parse('50 lbf·ft')->inBothUnits(), Torque::parse('60 ft-lb')->inBothUnits()]);
        self::assertSame('17 N·m (12.5 lbf·ft)', Torque::parse('17 Nm')->inBothUnits());
        self::assertSame('100 N·m (74 lbf·ft)', Torque::parse('100 N·m')->inBothUnits());
        self::assertSame('45.5 N·m', Torque::parse('45,5 N·m')->toText());
        self::assertEquals(Torque::parse('26 lbf·ft'), Torque::parse(Torque::parse('26 lbf·ft')->toText()), 'what is written can be read');
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        yield 'no unit' => ['45'];
        yield 'a length' => ['45 mm'];
        yield 'nothing' => [''];
        yield 'a wheel nut of a ship' => ['5000 N·m'];
        yield 'zero' => ['0 N·m'];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function whatIsNoTorqueSaysWhatWouldBe(string $text): void
    {
        $this->expectException(UnreadableTorque::class);
        $this->expectExceptionMessage('write 45 N·m or 33 lbf·ft');
        Torque::parse($text);
    }
}
