<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
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
            $report = $report->and(FitReport::of(ConductorFit::judge(Criterion::ConductorSize, $cable, $size->takes($cable->end)->conductors), ...self::diameters($cable, $sheet, $size)));
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
                $findings[] = DiameterFit::judge($need->criterion, $cable, $layer, $need->range, $need->taker);
            }
        }

        return $findings;
    }
}
