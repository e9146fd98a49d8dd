<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Electric;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Electric\Field;
use Berm\Core\Electric\Paschen;
use Berm\Core\Electric\ScreenFault;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FieldTest extends TestCase
{
    /** From the inside out in thin shells: the voltages across them add up to the whole, with the same flux through each. */
    #[Test]
    public function theFieldIsThatOfACoaxialCylinder(): void
    {
        $field = Field::between(9.7, 18.0, 2.9);
        $sum = 0.0;
        for ($i = 0, $n = 10_000, $step = 8.3 / $n; $i < $n; ++$i) {
            $sum += $field->at(9.7 + ($i + 0.5) * $step, 18.0) * $step;
        }

        self::assertEqualsWithDelta(18.0, $sum, 1e-6);
        self::assertEqualsWithDelta($field->at(9.7, 18), $field->atConductorScreen(18), 1e-12);
        self::assertEqualsWithDelta(9.7 / 18.0, $field->at(18.0, 18) / $field->at(9.7, 18), 1e-12);
    }

    /** Solved as a chain of thin shells in series, each a capacitor of its own permittivity. */
    #[Test]
    public function theFieldInAGapIsThatOfTwoDielectricsInSeries(): void
    {
        $field = Field::between(9.7, 18.0, 2.9);
        $elastance = static function (float $from, float $to, float $permittivity): float {
            $sum = 0.0;
            for ($i = 0, $n = 20_000, $step = ($to - $from) / $n; $i < $n; ++$i) {
                $sum += $step / (($from + ($i + 0.5) * $step) * $permittivity);
            }

            return $sum;
        };
        [$solid, $gap] = [$elastance(9.7, 18.0, 2.9), $elastance(18.0, 18.5, 1.0)];

        self::assertEqualsWithDelta($gap / ($gap + $solid), $field->shareOfGap(0.5), 1e-9);
        self::assertEqualsWithDelta(18.0 / 18.0 / ($gap + $solid), $field->inGap(0.5, 18.0), 1e-6);
        self::assertEqualsWithDelta(Paschen::breakdown(0.5) / sqrt(2) * ($gap + $solid) / $gap, $field->inception(0.5), 1e-6);
    }

    /** Townsend with A 15, B 365 and a yield of 0.01: 305 V at least, 0.865 kV at 0.1 mm, 5.03 kV at 1 mm (handbook, from memory). */
    #[Test]
    public function airWithstandsWhatPaschenSays(): void
    {
        self::assertEqualsWithDelta(0.865, Paschen::breakdown(0.1), 0.001);
        self::assertEqualsWithDelta(5.03, Paschen::breakdown(1.0), 0.005);
        self::assertEqualsWithDelta(0.305, Paschen::breakdown(0.011), 0.001);
        self::assertSame(Paschen::breakdown(0.001), Paschen::breakdown(0.002));
    }

    /** IEC 60949: 25 mm² of copper from 90 to 250 °C, about 143 A·√s/mm²; the usual table of cable short circuits has 3.57 kA for 1 s. */
    #[Test]
    public function aScreenCarriesWhatHeatsItAdiabatically(): void
    {
        self::assertEqualsWithDelta(3.57, ScreenFault::current(ConductorMaterial::Copper, 25, 1.0, 90, 250), 0.02);
        self::assertEqualsWithDelta(2.36, ScreenFault::current(ConductorMaterial::Aluminium, 25, 1.0, 90, 250), 0.02);
        self::assertEqualsWithDelta(2.0, ScreenFault::current(ConductorMaterial::Copper, 25, 0.25, 90, 250)
            / ScreenFault::current(ConductorMaterial::Copper, 25, 1.0, 90, 250), 1e-9);
    }
}
