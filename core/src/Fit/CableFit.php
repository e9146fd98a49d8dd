<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** Is the cable what it is called? Each measured layer against what its type allows. */
final class CableFit
{
    public static function judge(CableEnd $cable): FitReport
    {
        $findings = [];
        foreach ($cable->construction->layers as $layer) {
            $measured = $cable->asFound->diameterOver($layer->kind);
            if (null === $measured || null === $layer->window || $layer->window->contains($measured->mean)) {
                continue;
            }
            $findings[] = Finding::refused(Criterion::CableAsNamed, $cable->end, self::sentence($layer->kind, $measured->mean, $layer->window))->asWarning();
        }

        return FitReport::of(...$findings);
    }

    private static function sentence(LayerKind $layer, Length $measured, Range $window): Sentence
    {
        $values = ['measured' => $measured, 'least' => $window->min ?? $measured, 'most' => $window->max ?? $measured];

        return Sentence::of('Over the ['.$layer->label().'] {measured:fine}; this cable type allows {least:fine} to {most:fine}. Check the name on the drum, and that the reading was typed in the right unit.', $values);
    }
}
