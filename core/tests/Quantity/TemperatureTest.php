<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Quantity;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;
use Berm\Core\Quantity\TemperatureUnit;
use Berm\Core\Quantity\UnitSlip;
use Berm\Core\Quantity\UnreadableTemperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TemperatureTest extends TestCase
{
    /** @return iterable<string, array{string, TemperatureUnit, float}> */
    public static function typed(): iterable
    {
        yield 'bare, read in Celsius' => ['12', TemperatureUnit::Celsius, 12.0];
        yield 'bare, read in Fahrenheit' => ['50', TemperatureUnit::Fahrenheit, 10.0];
        yield 'comma and sign' => ['-3,5 °C', TemperatureUnit::Fahrenheit, -3.5];
        yield 'with its unit' => ['32 F', TemperatureUnit::Celsius, 0.0];
    }

    #[Test]
    #[DataProvider('typed')]
    public function whatAPersonTypedIsATemperature(string $text, TemperatureUnit $bare, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::parse($text, $bare)->celsius, 1e-9);
    }

    /** Source: GNU units, run here: tempF() and tempC(). */
    #[Test]
    public function fahrenheitAgreesWithGnuUnits(): void
    {
        foreach ([-40, 14, 54, 104] as $fahrenheit) {
            $output = shell_exec("units -t -o %.9g -- 'tempF($fahrenheit)' tempC");
            self::assertIsString($output, 'GNU units must be installed');
            self::assertEqualsWithDelta((float) $output, Temperature::parse("$fahrenheit F", TemperatureUnit::Celsius)->celsius, 1e-6);
        }
    }

    #[Test]
    public function whatIsNoTemperatureSaysWhatWouldBe(): void
    {
        self::assertSame('54 °F', Temperature::say(12.2222, TemperatureUnit::Fahrenheit));
        try {
            Temperature::parse('warm', TemperatureUnit::Celsius);
            self::fail('must be refused');
        } catch (UnreadableTemperature $error) {
            self::assertSame('"warm" is not a temperature: type it as 12, -3.5 °C or 54 °F.', $error->getMessage());
        }
        $this->expectExceptionMessage('so check the unit.');
        Temperature::parse('120', TemperatureUnit::Celsius);
    }

    /** Of air and cables on this planet: what lies beyond is a slip of the unit. */
    #[Test]
    public function itsBoundsBelongToIt(): void
    {
        $isRead = static function (string $text): bool {
            try {
                Temperature::parseWithUnit($text);

                return true;
            } catch (UnreadableTemperature) {
                return false;
            }
        };
        self::assertSame([false, true, true, false], array_map($isRead, ['-60.1 °C', '-60 °C', '90 °C', '90.1 °C']));
    }

    /** 1 K is 1.8 °F; a difference has no zero to be shifted by. */
    #[Test]
    public function aDifferenceIsSaidBesideDegreesOfTheReader(): void
    {
        $difference = TemperatureDifference::ofKelvins(3.0);
        self::assertSame(['3 K', '5.4 °F'], [$difference->say(TemperatureUnit::Celsius), $difference->say(TemperatureUnit::Fahrenheit)]);
        self::assertSame('2.9 K', TemperatureDifference::ofKelvins(2.94)->say(TemperatureUnit::Celsius));
    }

    /** A slip of the unit is told only where the other unit agrees. */
    #[Test]
    public function inchesTypedAsMillimetresAndTheReverseAreRecognised(): void
    {
        $window = Range::between(Length::ofMillimetres(17), Length::ofMillimetres(22));
        self::assertSame('19.558 mm', UnitSlip::mended(Length::parseWithUnit('0.77 mm'), $window)?->toText());
        self::assertSame('19.5 mm', UnitSlip::mended(Length::parseWithUnit('19.5 in'), $window)?->toText());
        self::assertNull(UnitSlip::mended(Length::parseWithUnit('19.5 mm'), $window), 'it fits as it is');
        self::assertNull(UnitSlip::mended(Length::parseWithUnit('40 mm'), $window), 'it fits in neither');
    }
}
