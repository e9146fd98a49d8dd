<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/** What every sheet of a job says at its head: of which cables, by which sheet of which kit, under which permit. */
final class Heading
{
    /** @return list<Sentence> */
    public static function of(Plan $plan): array
    {
        $names = [];
        foreach ($plan->job->cables as $cable) {
            $names[$cable->construction->designation][] = $cable->end->value;
        }
        $cables = [];
        foreach ($names as $name => $ends) {
            $cables[] = 1 === \count($plan->job->function->ends()) ? $name : 'end '.implode(' and ', $ends).": $name";
        }
        [$sheet, $size] = [$plan->job->sheet, $plan->job->size];
        $permit = $plan->build->safety->permit ?? null;

        return [
            Sentence::of('Cable, {cables}.', ['cables' => [] === $cables ? 'not chosen' : implode('; ', $cables)]),
            null === $sheet || null === $size ? Sentence::plain('No kit is chosen.') : Sentence::of(
                'Kit: {name}, size {size}, sheet revision {revision}, leaflet {leaflet}.', [
                    'name' => $sheet->name, 'size' => $size->label, 'revision' => $sheet->revision->number,
                    'leaflet' => '' === $sheet->leaflet ? 'not named' : $sheet->leaflet,
                ],
            ),
            null === $permit ? Sentence::plain('Permit: not confirmed.') : Sentence::of('Permit: {permit}.', ['permit' => $permit]),
        ];
    }
}
