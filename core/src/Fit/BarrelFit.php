<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Barrels;
use Berm\Core\Saying\Sentence;

/** Does each side of a connector take the conductor that lies to it, by material and nominal size? */
final class BarrelFit
{
    /**
     * @param Barrels        $barrels turned to the cables
     * @param list<CableEnd> $cables
     *
     * @return list<Finding>
     */
    public static function judge(Barrels $barrels, array $cables): array
    {
        $findings = [];
        foreach ($cables as $cable) {
            $barrel = $barrels->at($cable->end);
            $findings[] = self::material($cable, $barrel, $barrels->areAlike() ? 'this' : 'the side that lies to it');
            $findings[] = ConductorFit::judge(Criterion::ConnectorSize, $cable, $barrel->sizes);
        }

        return $findings;
    }

    private static function material(CableEnd $cable, Barrel $barrel, string $taker): Finding
    {
        $material = $cable->construction->design->conductor->material;
        $taken = implode(' and ', array_map(static fn (ConductorMaterial $taken): string => $taken->value, $barrel->materials));
        $values = ['material' => $material->value, 'taken' => $taken];

        return \in_array($material, $barrel->materials, true)
            ? Finding::fits(Criterion::ConnectorMaterial, $cable->end, Sentence::of('Takes {material} conductors.', $values))
            : Finding::refused(Criterion::ConnectorMaterial, $cable->end, Sentence::of(
                "The conductor is {material}; $taker takes {taken} only. Copper to aluminium needs a bimetallic or dual-rated one.",
                $values,
            ));
    }
}
