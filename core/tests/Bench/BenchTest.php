<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Bench;

use Berm\Core\Bench\Ask;
use Berm\Core\Bench\AskKind;
use Berm\Core\Bench\Bench;
use Berm\Core\Bench\Figure;
use Berm\Core\File\BadDocument;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Tools against published values, against programs that are not ours, and against another way of reckoning. */
final class BenchTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>, array<string, string>}> tool, what it is given, some of its figures */
    public static function published(): iterable
    {
        // Psychrometric table at sea level, from memory of a common wall chart: 20 °C at 50 % sweats at 9.3 °C, 25 °C at 60 % at 16.7 °C.
        yield 'dew point at 20 °C, 50 %' => ['dew', ['air' => '20', 'humidity' => '50', 'surface' => '20'], [
            'Dew point' => '9.3 °C', 'It sweats' => 'no',
        ]];
        yield 'dew point at 25 °C, 60 %' => ['dew', ['air' => '25', 'humidity' => '60', 'surface' => '16'], [
            'Dew point' => '16.7 °C', 'It sweats' => 'yes',
        ]];
        // IEC 60364-5-54, table of k for bare conductors where they touch nothing that burns, from 30 to 200 °C: copper 159, aluminium 105,
        // from memory.
        yield 'copper from 30 to 200 °C has k 159' => ['fault', [
            'area' => '1', 'from' => '30', 'limit' => '200', 'current' => '0.159', 'seconds' => '1',
        ], ['It carries' => '0.159 kA', 'Layers of it' => '1']];
        yield 'aluminium from 30 to 200 °C has k 105' => ['fault', [
            'metal' => 'aluminium', 'area' => '10', 'from' => '30', 'limit' => '200', 'current' => '1', 'seconds' => '1',
        ], ['It carries' => '1.05 kA']];
        // ASTM B258: 4/0 AWG is 211.6 kcmil, 107.2 mm², 0.460 in across; 0.0490 Ω for 1000 ft of annealed copper at 20 °C (wire tables).
        yield '4/0 AWG' => ['size', ['size' => '4/0'], [
            'Cross-section' => '107.2 mm²', 'In kcmil' => '211.6', 'Gauge' => 'nearest 4/0 AWG',
            'Resistance at 20 °C' => '0.1608 Ω/km, 0.04901 Ω/1000 ft', 'Across, if it were one solid round' => '11.68 mm',
        ]];
        yield '500 kcmil' => ['size', ['size' => '500 kcmil'], ['Cross-section' => '253.4 mm²', 'Gauge' => 'above 4/0: say it in kcmil']];
        // NIST SP 811.
        yield '33 lbf·ft' => ['torque', ['torque' => '33 lbf·ft'], ['Torque' => '44.7 N·m (33 lbf·ft)', 'In inches' => '396 lbf·in']];
        yield 'freezing' => ['temperature', ['temperature' => '0'], ['Celsius' => '0 °C', 'Fahrenheit' => '32 °F']];
        // By hand: 1000 m of 16 mm² copper is 1.0776 Ω at 20 °C, and a fifth of that for 200 m.
        yield 'a screen' => ['screen', ['metres' => '200', 'lay' => '0', 'read' => '215.5'], [
            'It should read' => '215.5 mΩ', 'For a kilometre' => '1.078 Ω', 'Read against that' => '0 %',
        ]];
        // By hand: 15 mm of depth and 3 of gap; a connector that grows by 8 pushes 4 on each side, a lug all 8.
        yield 'a strip' => ['strip', ['depth' => '50', 'gap' => '3', 'growth' => '8'], ['Strip length' => '53 mm', 'Gap after' => '-1 mm']];
        yield 'a strip of a lug' => ['strip', ['kind' => 'lug', 'depth' => '50', 'gap' => '9', 'growth' => '8'], ['Gap after' => '1 mm']];
        yield 'a window' => ['window', ['body' => '300', 'apart' => '200', 'cover' => '20', 'off' => '10', 'hand' => '5'], [
            'Screens at most apart' => '250 mm', 'Covered on the side it is off' => '60 mm', 'Covered on the other side' => '40 mm',
        ]];
        yield 'slack' => ['slack', ['slack' => '300', 'used' => '90', 'each' => '70'], ['Times' => '3', 'Left' => '210 mm']];
        yield 'no slack' => ['slack', ['slack' => '50', 'used' => '90', 'each' => '70'], ['Times' => '0', 'Left' => '-40 mm']];
        yield 'a bend' => ['bend', ['diameter' => '40', 'times' => '12'], ['Least radius' => '480 mm']];
        yield 'warmer is less' => ['insulation', ['read' => '1000', 'metres' => '1000', 'at' => '10', 'factor' => '2'], [
            'At 20 °C' => '500 MΩ·km', 'As it is' => '1000 MΩ·km',
        ]];
    }

    /**
     * @param array<string, string> $given
     * @param array<string, string> $figures
     */
    #[Test]
    #[DataProvider('published')]
    public function itComesToWhatIsPublished(string $tool, array $given, array $figures): void
    {
        $all = self::figures($tool, $given);
        self::assertSame($figures, array_intersect_key($all, $figures));
    }

    /** A roll is reckoned turn by turn, a helix by the volume that it fills: a strip's own is the same however it is drawn. */
    #[Test]
    public function tapeTakesAsMuchAsItFills(): void
    {
        $ring = \M_PI / 4 * (30 ** 2 - 20 ** 2) * 100;
        $helix = ['width' => '25', 'thickness' => '1.25', 'lap' => '50', 'beneath' => '20', 'to' => '30', 'along' => '100'];
        self::assertEqualsWithDelta($ring / (25 * 1.25), self::supplied($helix), 0.01 * $ring / (25 * 1.25));
        $turns = 0.0;
        for ($turn = 0; $turn < 4; ++$turn) {
            $turns += \M_PI * (20 + (2 * $turn + 1) * 1.25);
        }
        $roll = ['manner' => 'roll', 'width' => '100', 'thickness' => '1.25', 'beneath' => '20', 'to' => '30', 'along' => '100'];
        self::assertEqualsWithDelta($turns, self::supplied($roll), 0.1);
    }

    /** @param array<string, string> $given */
    private static function supplied(array $given): float
    {
        return (float) self::figures('tape', $given)['Of it, as supplied'];
    }

    /** The cross-section of a tube's wall is the same before and after. */
    #[Test]
    public function aWallKeepsItsCrossSection(): void
    {
        $shrunk = self::figures('shrink', ['supplied' => '60', 'bore' => '20', 'wall' => '3', 'beneath' => '35']);
        $area = static fn (float $bore, float $wall): float => \M_PI * $wall * ($bore + $wall);
        self::assertEqualsWithDelta($area(20, 3), $area(35, (float) $shrunk['Wall as it lies']), 1.5);
        self::assertSame('63 %', $shrunk['Recovered'], 'from 60 to 35 of 60 to 20');
        $stretched = self::figures('stretch', ['bore' => '20', 'wall' => '6', 'beneath' => '25']);
        self::assertSame('25 %', $stretched['Stretched by']);
        self::assertEqualsWithDelta($area(20, 6), $area(25, (float) $stretched['Wall as it lies']), 1.5);
        self::assertSame('1.79 cm³', self::figures('fill', ['inner' => '14', 'outer' => '24', 'long' => '6'])['Volume']);
    }

    /** The field in a cable summed up over its wall is its voltage. */
    #[Test]
    public function theFieldAddsUpToTheVoltage(): void
    {
        $step = self::figures('step', ['inner' => '10', 'outer' => '20', 'voltage' => '12', 'gap' => '0.5']);
        [$sum, $step0] = [0.0, 0.001];
        for ($r = 5.0; $r < 10.0; $r += $step0) {
            $sum += (float) $step['At the conductor'] * 5 / ($r + $step0 / 2) * $step0;
        }
        self::assertEqualsWithDelta(12.0, $sum, 0.05);
        self::assertEqualsWithDelta((float) $step['At the conductor'] / 2, (float) $step['At the screen'], 0.01);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function units(): iterable
    {
        yield 'torque' => ['45 N*m', 'lbf*ft', 'torque', '45 N·m'];
        yield 'area' => ['500 * pi/4 * (0.0316227766 in)^2 * 1', 'mm^2', 'size', '500 kcmil'];
    }

    /** Against GNU units, a general-purpose program for units. */
    #[Test]
    #[DataProvider('units')]
    public function conversionsAgreeWithGnuUnits(string $have, string $want, string $tool, string $given): void
    {
        $is = (float) shell_exec('units --terse '.escapeshellarg($have).' '.escapeshellarg($want));
        $figures = self::figures($tool, [$tool => $given]);
        $said = 'torque' === $tool ? (float) substr($figures['Torque'], (int) strpos($figures['Torque'], '(') + 1)
            : (float) $figures['Cross-section'];
        self::assertEqualsWithDelta($is, $said, 0.002 * $is + 0.05);
    }

    /** Source: psychrolib (ASHRAE Handbook Fundamentals 2017), a general-purpose library, for air at which the dew point is above 0 °C. */
    #[Test]
    public function theDewPointIsThatOfAPsychrometricLibrary(): void
    {
        $script = 'const p = require("psychrolib"); p.SetUnitSystem(p.SI);'
            .'console.log([[12, 65], [25, 60], [32, 90]].map(([t, h]) => p.GetTDewPointFromRelHum(t, h / 100)).join(" "))';
        $said = shell_exec(\sprintf('cd %s && node -e %s', escapeshellarg(\dirname(__DIR__, 3).'/web'), escapeshellarg($script)));
        $library = array_map(floatval(...), explode(' ', trim((string) $said)));
        self::assertCount(3, $library);
        foreach ([['12', '65'], ['25', '60'], ['32', '90']] as $i => [$air, $humidity]) {
            $figures = self::figures('dew', ['air' => $air, 'humidity' => $humidity, 'surface' => '20']);
            self::assertEqualsWithDelta($library[$i], (float) $figures['Dew point'], 0.11, "$air °C, $humidity %");
        }
    }

    /** What lies outside of a field's limits is refused, on either side, with the field and the limit; what lies on them is taken. */
    #[Test]
    public function everyFieldHasItsLimits(): void
    {
        foreach (Bench::tools() as $tool) {
            foreach ($tool->asks as $ask) {
                foreach (self::beyond($ask) as $text) {
                    try {
                        $tool->work([$ask->key => $text], LengthUnit::Millimetre);
                        self::fail("$tool->key takes $text as $ask->key");
                    } catch (BadDocument $bad) {
                        self::assertSame([$ask->key], array_map(static fn ($one): string => $one->path, $bad->problems), "$tool->key");
                    }
                }
                foreach (AskKind::Length === $ask->kind || AskKind::Number === $ask->kind ? [$ask->least, $ask->most] : [] as $limit) {
                    self::assertNotEmpty($tool->work([$ask->key => self::written($limit)], LengthUnit::Millimetre)->figures);
                }
            }
        }
    }

    private static function written(float $value): string
    {
        return rtrim(rtrim(\sprintf('%.4f', $value), '0'), '.');
    }

    /** @return list<string> */
    private static function beyond(Ask $ask): array
    {
        $number = self::written(...);

        return match ($ask->kind) {
            AskKind::Length => [$number($ask->most * 1.01 + 0.01), 'soon', ...($ask->least > 0 ? [$number($ask->least * 0.9)] : ['-1'])],
            AskKind::Number => [$number($ask->most * 1.01 + 1), 'soon', '', $number($ask->least - 1)],
            AskKind::Temperature => ['99', '-99', 'warm'],
            AskKind::Choice => ['hat', ''],
            AskKind::Text => ['', 'hat', str_repeat('9', 50)],
        };
    }

    /** Every tool says where it comes from and where it holds, and draws what it comes to. */
    #[Test]
    public function everyToolHasItsSourceAndItsDrawing(): void
    {
        foreach (Bench::tools() as $key => $tool) {
            self::assertNotSame('', $tool->source, $key);
            self::assertNotSame('', $tool->holds, $key);
            foreach (LengthUnit::cases() as $unit) {
                $outcome = $tool->work([], $unit);
                self::assertNotEmpty($outcome->figures, $key);
                self::assertNotEmpty($outcome->working, $key);
                self::assertNotEmpty($outcome->shapes, $key);
                self::assertCount(1, array_unique(array_map(static fn ($one): bool => $one->isRing, $outcome->shapes)), $key);
            }
        }
    }

    /**
     * @param array<string, string> $given
     *
     * @return array<string, string> by label, in mm and °C
     */
    private static function figures(string $tool, array $given): array
    {
        $read = new Reader(LengthUnit::Millimetre);
        $figures = [];
        foreach ((Bench::tools()[$tool] ?? self::fail($tool))->work($given, LengthUnit::Millimetre)->figures as $figure) {
            self::assertInstanceOf(Figure::class, $figure);
            $figures[$read->say($figure->label)] = $read->say($figure->value);
        }

        return $figures;
    }
}
