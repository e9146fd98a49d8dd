<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;

/** How cold a cable may be bent, and how tightly. The maker's sheet rules. */
final readonly class Handling
{
    private function __construct(
        /** Lowest temperature of the cable, in °C. */
        public int $lowestCelsius,
        /** Bending radius over the outside diameter. */
        public int $timesDiameter,
        public string $source,
    ) {
    }

    public static function of(Design $design): self
    {
        return match (true) {
            !$design->insulation->isExtruded() => new self(
                4, Cores::Three === $design->cores ? 15 : 20, 'common practice for paper under lead',
            ),
            !$design->conductor->size->isMetric() => self::northAmerican($design),
            Cores::Three === $design->cores => new self(
                self::lowest($design), 15, 'common practice beside IEC 60502-2: three cores 15 D while laying',
            ),
            default => new self(
                self::lowest($design),
                Armour::None === $design->armour ? 20 : 15,
                'common practice beside IEC 60502-2: one core 20 D while laying, 15 D in position',
            ),
        };
    }

    public function radiusFor(Length $overAll): Length
    {
        return $overAll->times($this->timesDiameter);
    }

    private static function northAmerican(Design $design): self
    {
        return MetallicScreen::ConcentricNeutral === $design->metallicScreen
            ? new self(-20, 8, 'common practice beside ICEA S-94-649: 8 D for wire neutrals')
            : new self(-10, 12, 'common practice beside ICEA S-97-682: 12 D for tape and corrugated shields');
    }

    private static function lowest(Design $design): int
    {
        return SheathMaterial::Pvc === $design->sheath ? 0 : -15;
    }
}
