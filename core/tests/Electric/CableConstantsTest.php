<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Electric;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Electric\CableConstants;
use Berm\Core\Electric\Core;
use Berm\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CableConstantsTest extends TestCase
{
    /**
     * Source: IEC 60287-1-1, C = eps / (18 ln(Di / dc)) µF/km, worked by hand: XLPE 19.5 over 12.7 mm gives 2.5 / (18 × 0.42884) = 0.3239.
     */
    #[Test]
    public function capacitanceFollowsFromTheDiameters(): void
    {
        self::assertEqualsWithDelta(
            0.3239, Core::capacitance(2.5, Length::parseWithUnit('19.5 mm'), Length::parseWithUnit('12.7 mm')), 0.0001,
        );
        self::assertEqualsWithDelta(0.3239, CableConstants::of(self::shipped('iec-1x95-al-12'))->capacitance, 0.0001);
        self::assertNull(
            CableConstants::of(self::shipped('lead-3x95-cu-12-belted-steel-wire'))->capacitance, 'a belted core has no screen of its own',
        );
    }

    /** Source: IEC 60287-1-1 table 3, values from memory. */
    #[Test]
    public function permittivitiesAreThoseOfTheTable(): void
    {
        self::assertSame(
            [2.5, 2.5, 3.0, 4.0],
            array_map(
                Core::permittivity(...),
                [InsulationMaterial::Xlpe, InsulationMaterial::TreeRetardantXlpe, InsulationMaterial::Epr, InsulationMaterial::Paper],
            ),
        );
    }

    /**
     * Source: IEC 60287-1-1 table 1 and IEC 60228: at 90 °C copper has 1.275 and aluminium 1.282 times its resistance at 20 °C; both forms
     * within 0.02 %.
     */
    #[Test]
    public function resistanceGrowsWithTemperatureAsTheStandardsSay(): void
    {
        self::assertEqualsWithDelta(1.2751, Core::resistanceAt(1, ConductorMaterial::Copper, 90), 0.0001);
        self::assertEqualsWithDelta(1.2821, Core::resistanceAt(1, ConductorMaterial::Aluminium, 90), 0.0001);
        foreach (ConductorMaterial::cases() as $material) {
            self::assertEqualsWithDelta(1.0, Core::resistanceAt20(Core::resistanceAt(1, $material, 90), $material, 90), 0.0003);
        }
    }

    /** Source: NEC chapter 9 table 8, 1/0 aluminium 0.201 Ω/kft at 75 °C, from memory: 0.6595 Ω/km, at 20 °C × 248 / 303 = 0.5398. */
    #[Test]
    public function northAmericanResistancesAreTakenTo20Degrees(): void
    {
        $constants = CableConstants::of(self::shipped('icea-1-0-al-15-133'));
        self::assertEqualsWithDelta(0.5398, $constants->resistance, 0.0001);
        self::assertSame('NEC chapter 9 table 8, taken to 20 °C', $constants->resistanceSource);
        self::assertEqualsWithDelta(0.32, CableConstants::of(self::shipped('iec-1x95-al-12'))->resistance, 1e-9);
    }

    private static function shipped(string $id): Construction
    {
        foreach (Library::shipped() as $cable) {
            if ($cable->revision->id === $id) {
                return $cable;
            }
        }
        self::fail("the library has no $id");
    }
}
