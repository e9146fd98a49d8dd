<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Site\Site;

/** Does this size of this kit take these cable ends? */
final class KitFit
{
    /** @param list<CableEnd> $cables */
    public static function judge(AccessoryFunction $wanted, array $cables, Site $site, KitSheet $sheet, KitSize $size): FitReport
    {
        $report = FitReport::of(...KitKinds::of($sheet, $size)->judge($wanted, $cables, $site, 'size '.$size->label));
        foreach ($cables as $cable) {
            $report = $report->and(FitReport::of(
                ConductorFit::judge(Criterion::ConductorSize, $cable, $size->takes($cable->end)->conductors),
                ...self::diameters($cable, $sheet, $size),
            ));
        }

        return $report;
    }

    /** @return list<Finding> */
    private static function diameters(CableEnd $cable, KitSheet $sheet, KitSize $size): array
    {
        $findings = [];
        foreach (DiameterNeed::allOf($sheet, $size, $cable->end) as $need) {
            $layer = $need->seat->layerOf($cable, $need->layer);
            if (null !== $layer) {
                $findings[] = DiameterFit::judge($need->criterion, $cable, self::read($cable, $need, $layer), $need->range, $need->taker);
            }
        }

        return $findings;
    }

    /** The layer whose diameter decides: one beneath it only where that one is thick enough already. */
    private static function read(CableEnd $cable, DiameterNeed $need, LayerKind $layer): LayerKind
    {
        $substitute = $need->seat->substituteFor($cable, $layer);
        $measured = null === $substitute ? null : $cable->asFound->diameterOver($substitute);

        return null !== $substitute && null !== $measured && $need->range->contains($measured->mean) ? $substitute : $layer;
    }
}
