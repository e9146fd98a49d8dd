<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/** What the names of a sheet's formulas stand for on a job, end by end. */
final class NamedValues
{
    /**
     * @param list<string> $names
     *
     * @return array<string, array<string, Length|float|string>> by name and End value; without what has no value there
     */
    public static function of(Plan $plan, array $names): array
    {
        $measuring = null === $plan->section ? null : Assembled::of($plan->job)->measuring($plan->build);
        if (null === $measuring) {
            return [];
        }
        $places = $measuring->places($plan->section->core);
        $known = [];
        foreach ($measuring->assembly->cables as $cable) {
            $values = $places->values($cable);
            foreach ($names as $name) {
                try {
                    $known[$name][$cable->end->value] = $values->get($name);
                } catch (CoreError) {
                    // Such a cable has it not: a layer that is not there, an item of another branch.
                }
            }
        }

        return $known;
    }
}
