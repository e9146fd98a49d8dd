<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Electric;

use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Electric\FilledStep;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What air in the step at a screen's edge would have to stand: textbook, coaxial cylinder and two dielectrics in series; Paschen's law. */
final class FilledStepTest extends TestCase
{
    #[Test]
    public function theAirTakesMoreThanTheInsulationBesideItByItsPermittivity(): void
    {
        $cable = Demo::ends(['A' => 'iec-1x95-al-12', 'B' => 'iec-1x95-al-12'])[0];
        $step = FilledStep::of($cable) ?? self::fail('its diameters are known');
        self::assertSame(End::A, $cable->end);
        [$conductor, $insulation, $screen] = array_map(
            static fn (LayerKind $layer): float => $cable->knownDiameterOver($layer)->inMillimetres() / 2,
            [LayerKind::Conductor, LayerKind::Insulation, LayerKind::InsulationScreen],
        );
        self::assertEqualsWithDelta($screen - $insulation, $step->height->inMillimetres(), 1e-6);
        self::assertEqualsWithDelta(6.928, $step->voltage, 0.001, '12 kV between phases');
        // Without the gap the insulation's outside has U / (R ln(R / r)); the air has eps_r times that, less what the gap itself takes.
        $inner = $cable->diameterOver(LayerKind::ConductorScreen)?->inMillimetres() ?? 2 * $conductor;
        $solid = $step->voltage / ($insulation * log($insulation / ($inner / 2)));
        self::assertLessThan(2.5 * $solid, $step->field);
        self::assertGreaterThan(1.5 * $solid, $step->field);
        $elastance = log($insulation / ($inner / 2)) / 2.5 + log(1 + $step->height->inMillimetres() / $insulation);
        self::assertEqualsWithDelta($step->voltage / ($insulation * $elastance), $step->field, 1e-9);
        // Paschen's law for 0.8 mm of air: 365 × 60.8 / (ln(15 × 60.8) − ln ln 101) = 4198 V peak, 2968 V rms: the gap's part of it.
        self::assertSame('0.8 mm', $step->height->toText());
        $share = log(1 + 0.8 / $insulation) / $elastance;
        self::assertEqualsWithDelta(2.968 / $share, $step->inception, 0.005);
        self::assertStringStartsWith(
            'Why it is filled: air left in the step, ', (new Reader(LengthUnit::Millimetre))->say($step->why()),
        );
    }
}
