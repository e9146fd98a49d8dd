<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Saying\Sentence;

/** Holds the conductor's nominal size against the sizes that a kit or a connector takes. */
final class ConductorFit
{
    public static function judge(Criterion $criterion, CableEnd $cable, SizeRange $takes): Finding
    {
        $size = $cable->construction->design->conductor->size;
        $values = ['size' => $size->label, 'takes' => $takes->label()];

        $isOne = $takes->min->label === $takes->max->label;

        return $takes->contains($size)
            ? Finding::fits($criterion, $cable->end, Sentence::of($isOne ? 'It takes {takes}.' : '{size} lies in {takes}.', $values))
            : Finding::refused(
                $criterion, $cable->end, Sentence::of(
                    $isOne ? 'The conductor is {size}; this takes {takes} only.' : '{size} lies outside {takes}.', $values,
                ),
            );
    }
}
