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
        foreach ($rulings as $ruling) {
            foreach ($ruling->isBinding ? self::limits($ruling, $length) : [] as [$limit, $isLeast]) {
                $least = $isLeast ? max($least ?? $limit, $limit) : $least;
                $most = $isLeast ? $most : min($most ?? $limit, $limit);
            }
        }
        [$min, $max] = [self::length($least), self::length($most)];

        return match (true) {
            null === $min && null === $max, null !== $min && null !== $max && $max->isLessThan($min) => null,
            null === $max => Range::atLeast($min),
            null === $min => Range::atMost($max),
            default => Range::between($min, $max),
        };
    }

    /**
     * A lap is the least of several stretches, and each of them must be long enough.
     *
     * @return list<array{float, bool}> in nanometres, and whether the length must be at least so much
     */
    private static function limits(Ruling $ruling, Locus $length): array
    {
        $max = $ruling->window->max;
        $min = $ruling->rule->kind->isWithin() ? $max?->negated() : $ruling->window->min;
        $below = null === $max ? [] : array_map(
            static fn (Locus $rule): ?array => self::limit($rule, $length, $max, false), $ruling->length?->eachBelow() ?? [],
        );
        $above = null === $min ? [] : array_map(
            static fn (Locus $rule): ?array => self::limit($rule, $length, $min, true), $ruling->length?->eachAbove() ?? [],
        );

        return array_values(array_filter([...$below, ...$above]));
    }

    /** @return array{float, bool}|null null where the rule does not lean on the length */
    private static function limit(Locus $rule, Locus $length, Length $limit, bool $isLeast): ?array
    {
        $share = self::share($length->effects(), $rule);
        if (null === $share) {
            return null;
        }
        $rest = $rule->minus($length->times($share));

        return [($limit->nanometres - ($isLeast ? $rest->least() : $rest->most())) / $share, $isLeast === ($share > 0)];
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
