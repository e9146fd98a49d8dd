<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Rework\LookAhead;
use Berm\Core\Rework\Shift;

/** What comes of a cut that is made longer or shorter than its mark. */
final class AheadJson
{
    /** @return array<string, mixed> */
    public static function of(LookAhead $ahead): array
    {
        return [
            'atMm' => $ahead->mark->at->plus($ahead->by)->inMillimetres(), 'byMm' => $ahead->by->inMillimetres(),
            'verdict' => $ahead->judgement->verdict->value, 'marginMm' => $ahead->judgement->margin->inMillimetres(),
            'shifts' => array_map(self::shift(...), $ahead->shifts),
            'mostMm' => $ahead->most?->absolute()->inMillimetres(),
            'first' => null === $ahead->first ? null : SentenceJson::of($ahead->first->reason()), 'times' => $ahead->times,
        ];
    }

    /** @return array<string, mixed> */
    private static function shift(Shift $shift): array
    {
        return [
            'rule' => SentenceJson::of($shift->then->reason()), 'plannedMm' => $shift->planned->margin->worst->inMillimetres(),
            'thenMm' => $shift->then->margin->worst->inMillimetres(), 'holds' => !$shift->then->needsEngineer(),
        ];
    }
}
