<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Design;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Quantity\Length;

/** Asks the standard that a design falls under what its layers must be. */
final class Standards
{
    public static function nameFor(Design $design): string
    {
        return match (true) {
            !$design->insulation->isExtruded() => 'paper and cambric under lead, as typically made',
            self::isNorthAmerican($design) => MetallicScreen::ConcentricNeutral === $design->metallicScreen
                ? 'ICEA S-94-649'
                : 'ICEA S-97-682',
            default => 'IEC 60502-2',
        };
    }

    /**
     * @return list<Layer>
     *
     * @throws NotInStandard when no rule known here covers the design
     */
    public static function layers(Design $design): array
    {
        return match (true) {
            !$design->insulation->isExtruded() => PaperCable::layers($design),
            self::isNorthAmerican($design) => IceaCable::layers($design),
            default => IecCable::layers($design),
        };
    }

    /**
     * What the insulation may be at a point; null where no standard tells.
     *
     * @return array{Length, Length}|null nominal and least
     */
    public static function insulationWall(Design $design): ?array
    {
        try {
            if (!$design->insulation->isExtruded()) {
                return null;
            }
            if (self::isNorthAmerican($design)) {
                [$nominal, $points] = Icea::insulationWall(
                    intdiv($design->voltage->highestVolts, 1000), ($design->level ?? InsulationLevel::Percent100)->value,
                );

                return [$nominal, $points->min ?? $nominal];
            }
            $nominal = Iec60502::insulationThickness($design->voltage->highestVolts, (int) round($design->conductor->size->area));

            return [$nominal, Iec60502::leastInsulation($nominal)];
        } catch (NotInStandard) {
            return null;
        }
    }

    private static function isNorthAmerican(Design $design): bool
    {
        return !$design->conductor->size->isMetric();
    }
}
