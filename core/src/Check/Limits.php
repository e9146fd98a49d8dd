<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** A least and a most, for people. */
final class Limits
{
    public static function of(Length|string|int|null $least, Length|string|int|null $most): ?Sentence
    {
        $values = array_filter(['least' => $least, 'most' => $most], static fn (Length|string|int|null $limit): bool => null !== $limit);

        return match (array_keys($values)) {
            ['least', 'most'] => Sentence::of($least === $most ? '{least:fine}' : '{least:fine} to {most:fine}', $values),
            ['most'] => Sentence::of('at most {most:fine}', $values),
            ['least'] => Sentence::of('at least {least:fine}', $values),
            default => null,
        };
    }
}
