<?php

declare(strict_types=1);

/**
 * The arithmetic of one section in bare floats, in one function: what a plan costs when nothing has a name.
 *
 * The numbers are taken out of a real plan once; the function then does with them what the core does: every place with its causes, every
 * coat on every stretch at rest, at its least and at its most, every rule at its worst and likely, each diameter rule cause by cause.
 */

use Berm\Core\Job\Plan;
use Berm\Core\Margin\Locus;
use Berm\Core\Profile\LayeringKind;
use Berm\Core\Profile\Stretch;

/** @return list<array{float, float, float}> share, least and most of each cause, in mm */
function bareCauses(Locus $locus): array
{
    $causes = [];
    foreach ($locus->effects() as $effect) {
        $causes[] = [$effect->share, $effect->cause->least->inMillimetres(), $effect->cause->most->inMillimetres()];
    }

    return $causes;
}

/**
 * @return array{
 *     list<array{float, list<array{float, float, float}>}>,
 *     list<array{list<float>, list<array{int, list<float>, list<float>}>, int}>,
 *     list<array{float, list<array{float, float, float}>}>
 * }
 */
function bareNumbers(Plan $plan): array
{
    $section = $plan->section ?? throw new LogicException('it cannot be planned');
    $places = $rules = [];
    foreach ($section->items as $item) {
        foreach ([$item->from, $item->to] as $edge) {
            $places[] = [$edge->nominal->inMillimetres(), bareCauses($edge)];
        }
    }
    $kinds = [LayeringKind::Shrunk, LayeringKind::Stretched, LayeringKind::Adding, LayeringKind::Shaped];
    $stretch = static function (Stretch $one) use ($kinds): array {
        $coats = [];
        foreach ($one->coats as $coat) {
            [$first, $second] = [$coat->layering->first, $coat->layering->second];
            $coats[] = [
                (int) array_search($coat->layering->kind, $kinds, true),
                [$first->nominal, $first->least, $first->most], [$second->nominal, $second->least, $second->most],
            ];
        }

        // Cause by cause of what a rule about diameters would ask here: as many as it has.
        return [[$one->bare->nominal, $one->bare->least, $one->bare->most], $coats, count($one->causes())];
    };
    $stretches = array_map($stretch, array_values(array_unique([...$section->profile->core, ...$section->profile->cable], SORT_REGULAR)));
    foreach ($section->rulings as $ruling) {
        if (null !== $ruling->length) {
            $rules[] = [$ruling->margin->nominal->inMillimetres(), bareCauses($ruling->length)];
        }
    }

    return [$places, $stretches, $rules];
}

/**
 * @param list<array{float, list<array{float, float, float}>}>                      $places
 * @param list<array{list<float>, list<array{int, list<float>, list<float>}>, int}> $stretches
 * @param list<array{float, list<array{float, float, float}>}>                      $rules
 * @param int                                                                       $radial    how many rules look at diameters
 */
function bare(array $places, array $stretches, array $rules, int $radial): float
{
    $sum = 0.0;
    foreach ([...$places, ...$rules] as [$nominal, $causes]) {
        $worst = $likely = 0.0;
        foreach ($causes as [$share, $least, $most]) {
            $loss = -min($share * $least, $share * $most, 0.0);
            $worst += $loss;
            $likely += $loss * $loss;
        }
        $sum += $nominal - $worst + ($nominal - sqrt($likely));
    }
    $over = static function (array $bare, array $coats, int $turn): float {
        $diameter = $bare[$turn];
        foreach ($coats as [$kind, $first, $second]) {
            $inside = max($diameter, $first[$turn]);
            $diameter = match ($kind) {
                0 => sqrt($inside ** 2 + 4 * $second[$turn] * ($first[$turn] + $second[$turn])),
                1 => sqrt($inside ** 2 + ($first[$turn] + 2 * $second[$turn]) ** 2 - $first[$turn] ** 2),
                2 => $diameter + $first[$turn],
                default => $inside,
            };
        }

        return $diameter;
    };
    foreach ($stretches as $i => [$bare, $coats, $causes]) {
        foreach ([0, 1, 2] as $turn) {
            $sum += $over($bare, $coats, $turn);
        }
        // Each rule about diameters asks a few stretches, cause by cause, both ways, and once all together.
        for ($n = 0; $i < $radial * 8 && $n < 2 * $causes + 2; ++$n) {
            $sum += $over($bare, $coats, $n % 3);
        }
    }

    return $sum;
}
