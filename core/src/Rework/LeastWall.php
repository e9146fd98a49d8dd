<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\InsulationLevel;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\Standard\Icea;
use Berm\Core\Cable\Standard\Iec60502;
use Berm\Core\Cable\Standard\NotInStandard;
use Berm\Core\Quantity\Length;

/**
 * How little insulation a standard lets a cable have at any one point. Source: IEC 60502-2, clause on insulation thickness (0.9 tn − 0.1
 * mm); ICEA S-94-649 and S-97-682, least point, from memory (see Standard\Icea).
 */
final readonly class LeastWall
{
    private function __construct(
        public Length $least,
        /** As people name it. */
        public string $standard,
    ) {
    }

    /** Null of papers, which no standard lets anybody dress, and where the cable's wall is not known. */
    public static function of(CableEnd $cable): ?self
    {
        $design = $cable->construction->design;
        if (InsulationMaterial::Paper === $design->insulation) {
            return null;
        }
        if ($design->voltage->isClass()) {
            try {
                $level = ($design->level ?? InsulationLevel::Percent100)->value;
                $limits = Icea::insulationWall(intdiv($design->voltage->highestVolts, 1000), $level)[1];

                return null === $limits->min ? null : new self($limits->min, 'ICEA S-97-682, least point');
            } catch (NotInStandard) {
                return null;
            }
        }
        $nominal = $cable->construction->wall();

        return null === $nominal ? null : new self(Iec60502::leastInsulation($nominal), 'IEC 60502-2, 0.9 tn − 0.1 mm');
    }

    /** What there is to take from: as it was read at its thinnest, else as the cable type has it. */
    public static function wall(CableEnd $cable): ?Length
    {
        return $cable->asFound->wall()->least ?? $cable->construction->wall();
    }
}
