<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\ScreenWires;
use Berm\Core\Conductor\Conductor;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Length;

/** How much of the phase's conductance the concentric neutral has. */
enum NeutralShare: string
{
    case Full = 'full';
    case Third = 'one-third';
    case Sixth = 'one-sixth';

    public function divisor(): int
    {
        return match ($this) {
            self::Full => 1,
            self::Third => 3,
            self::Sixth => 6,
        };
    }

    /**
     * Copper wires that carry this share of the phase: their conductance is the phase's, aluminium counting 61 %, divided, rounded up, at
     * least six.
     *
     * Source: rule of ICEA S-94-649; the gauges as in the 15 kV concentric-neutral table printed in distribution-system textbooks; from
     * memory. The rule gives
     * 17 of that table's 19 counts; it prints 16 instead of 15 at full 250 kcmil and 20 instead of 21 at full 350 kcmil.
     */
    public function wiresFor(Conductor $phase): ScreenWires
    {
        $wire = ConductorSize::ofAwg($this->gauge($phase));
        $conductance = $phase->size->area * (ConductorMaterial::Aluminium === $phase->material ? 0.61 : 1.0) / $this->divisor();

        return ScreenWires::of(
            max(6, (int) ceil($conductance / $wire->area - 1e-9)), Length::nearestToMillimetres(sqrt(4 * $wire->area / \M_PI)),
        );
    }

    private function gauge(Conductor $phase): int
    {
        $kcmil = $phase->size->area / 0.506707479;
        if (self::Full === $this) {
            return ConductorMaterial::Aluminium === $phase->material
                ? ($kcmil < 110 ? 14 : ($kcmil < 170 ? 12 : 10))
                : ($kcmil < 300 ? 12 : 10);
        }
        if (self::Third === $this && ConductorMaterial::Copper === $phase->material) {
            return $kcmil < 240 ? 14 : 10;
        }

        return $kcmil < 400 ? 14 : (self::Third === $this && $kcmil > 600 ? 10 : 12);
    }
}
