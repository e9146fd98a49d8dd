<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Saying\Sentence;

/** What was found at a cable end besides its diameters, as the record says it. */
final class FoundInWords
{
    /** @return list<Sentence> */
    public static function of(CableEnd $cable): array
    {
        $asFound = $cable->asFound;
        $wall = $asFound->wall();

        return array_values(array_filter([
            null === $wall ? null : Sentence::of(
                'Insulation {least:fine} to {greatest:fine} thick at {count} points.',
                ['least' => $wall->least, 'greatest' => $wall->greatest, 'count' => $wall->count],
            ),
            self::conditions($cable, true, 'Looked at and so: '),
            self::conditions($cable, false, 'Looked at and not so: '),
            null === $asFound->surface ? null : Sentence::of('Surface {surface}.', ['surface' => $asFound->surface]),
            null === $asFound->slack ? null : Sentence::of('Slack {slack}.', ['slack' => $asFound->slack->value]),
            '' === $asFound->position ? null : Sentence::of('Lies: {position}.', ['position' => rtrim($asFound->position, '.')]),
        ]));
    }

    private static function conditions(CableEnd $cable, bool $isSo, string $start): ?Sentence
    {
        $answered = array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => $condition->appliesTo($cable->construction->design)
                && $isSo === $cable->asFound->isSo($condition),
        );
        $questions = array_map(static fn (Condition $condition): string => lcfirst($condition->question()), $answered);

        return [] === $questions ? null : Sentence::of('{start}{what}.', ['start' => $start, 'what' => implode('; ', $questions)]);
    }
}
