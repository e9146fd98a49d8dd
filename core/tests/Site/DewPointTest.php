<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Site;

use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureUnit;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Site\DewPoint;
use Berm\Core\Site\Sweating;
use Berm\Core\Site\Weather;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class DewPointTest extends TestCase
{
    /**
     * Source: psychrolib 1.1.0 (ASHRAE Handbook Fundamentals 2017), run here over 0 to 40 °C and 30 to 100 %; where it gives a dew point of
     * 0 °C or more.
     */
    #[Test]
    public function dewPointsAgreeWithAPsychrometricLibrary(): void
    {
        $script = 'const p = require("psychrolib"); p.SetUnitSystem(p.SI); const r = [];
            for (let t = 0; t <= 40; t += 2.5) for (let h = 30; h <= 100; h += 10) r.push([t, h, p.GetTDewPointFromRelHum(t, h / 100)]);
            console.log(JSON.stringify(r))';
        $output = shell_exec(\sprintf('cd %s && node -e %s', escapeshellarg(\dirname(__DIR__, 3).'/web'), escapeshellarg($script)));
        $points = json_decode(\is_string($output) ? $output : '', true, 4, \JSON_THROW_ON_ERROR);
        self::assertIsArray($points);
        $compared = 0;
        foreach ($points as $point) {
            self::assertTrue(\is_array($point) && is_numeric($point[0]) && is_numeric($point[1]) && is_numeric($point[2]));
            // Below 0 °C the library gives the frost point, which is another thing.
            if ($point[2] >= 0) {
                self::assertEqualsWithDelta(
                    (float) $point[2], DewPoint::of((float) $point[0], (float) $point[1]), 0.06, "$point[0] °C, $point[1] %",
                );
                ++$compared;
            }
        }
        self::assertGreaterThan(80, $compared);
    }

    /**
     * Source: the Magnus form with the constants of Alduchov and Eskridge (1996), worked by hand: 20 °C and 50 % give 9.26 °C, 30 °C and 70
     * % give 23.93 °C.
     */
    #[Test]
    public function dewPointsWorkedByHandComeOutTheSame(): void
    {
        self::assertEqualsWithDelta(9.26, DewPoint::of(20, 50), 0.005);
        self::assertEqualsWithDelta(23.93, DewPoint::of(30, 70), 0.005);
        self::assertEqualsWithDelta(15.0, DewPoint::of(15, 100), 1e-9, 'saturated air');
    }

    /**
     * Source: ISO 8502-4 as quoted in practice: the surface at least 3 K above the dew point, 9.26 °C here.
     *
     * @return iterable<string, array{string, Verdict}>
     */
    public static function surfaces(): iterable
    {
        yield 'below the dew point' => ['8', Verdict::Out];
        yield 'two kelvin above' => ['11.2', Verdict::Out];
        yield 'just above three, within what the instruments tell' => ['12.4', Verdict::NotProved];
        yield 'well above' => ['14', Verdict::Inside];
    }

    #[Test]
    #[DataProvider('surfaces')]
    public function aCableStaysDryThreeKelvinAboveTheDewPoint(string $surface, Verdict $verdict): void
    {
        $margin = Sweating::margin(
            Weather::of(Temperature::parse('20', TemperatureUnit::Celsius), 50), Temperature::parse($surface, TemperatureUnit::Celsius),
        );
        self::assertNotNull($margin);
        self::assertSame($verdict, Sweating::verdict($margin));
    }

    /** The limit itself is kept, and what the instruments cannot tell ends where they can. */
    #[Test]
    public function theEdgesOfTheVerdictsBelongToTheBetterOne(): void
    {
        self::assertSame(
            [Verdict::Out, Verdict::NotProved, Verdict::NotProved, Verdict::Inside],
            array_map(Sweating::verdict(...), [-0.001, 0.0, Sweating::UNCERTAINTY - 0.001, Sweating::UNCERTAINTY]),
        );
    }

    #[Test]
    public function whatIsNotReadCannotBeTold(): void
    {
        self::assertNull(Sweating::margin(
            Weather::of(Temperature::parse('20', TemperatureUnit::Celsius), null), Temperature::parse('20', TemperatureUnit::Celsius),
        ));
        $this->expectExceptionMessage('0 % is no relative humidity: it lies between 1 and 100 per cent.');
        Weather::of(null, 0);
    }
}
