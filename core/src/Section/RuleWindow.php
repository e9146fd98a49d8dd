<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Margin\Effect;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Between which limits a length that is measured keeps the rules that lean on it, whatever else happens. @internal */
final class RuleWindow
{
    /**
     * A rule leans on the length where everything that moves the length moves the rule in one proportion: what is left of the rule then
     * does not depend on it.
     *
     * @param list<Ruling> $rulings
     *
     * @return Range|null null where no rule leans on it, or none can be kept
     */
    public static function of(Locus $length, array $rulings): ?Range
    {
        $least = $most = null;
        $effects = $length->effects();
        foreach ($rulings as $ruling) {
            $share = null === $ruling->length || !$ruling->isBinding ? null : self::share($effects, $ruling->length);
            if (null === $ruling->length || null === $share) {
                continue;
            }
            $rest = $ruling->length->minus($length->times($share));
            [$low, $high] = self::limits($ruling, $rest, $share);
            $least = null === $low ? $least : max($least ?? $low, $low);
            $most = null === $high ? $most : min($most ?? $high, $high);
        }
        [$min, $max] = [self::length($least), self::length($most)];

        return match (true) {
            null === $min && null === $max, null !== $min && null !== $max && $max->isLessThan($min) => null,
            null === $max => Range::atLeast($min),
            null === $min => Range::atMost($max),
            default => Range::between($min, $max),
        };
    }

    /** @return array{float|null, float|null} in nanometres */
    private static function limits(Ruling $ruling, Locus $rest, float $share): array
    {
        $isWithin = $ruling->rule->kind->isWithin();
        $min = $isWithin ? $ruling->window->max?->negated() : $ruling->window->min;
        $max = $ruling->window->max;
        $atLeast = null === $min ? null : ($min->nanometres - $rest->least()) / $share;
        $atMost = null === $max ? null : ($max->nanometres - $rest->most()) / $share;

        return $share > 0 ? [$atLeast, $atMost] : [$atMost, $atLeast];
    }

    /**
     * In which proportion the rule moves with the length; null where it does not, or not in one.
     *
     * @param array<string, Effect> $effects of the length
     */
    private static function share(array $effects, Locus $rule): ?float
    {
        $proportion = null;
        foreach ($effects as $id => $effect) {
            $share = $rule->shareOf($id) / $effect->share;
            if (0.0 === $share || abs($share - ($proportion ?? $share)) > 1e-9) {
                return null;
            }
            $proportion ??= $share;
        }

        return $proportion;
    }

    private static function length(?float $nanometres): ?Length
    {
        return null === $nanometres ? null : Length::ofNanometres((int) round($nanometres));
    }
}
