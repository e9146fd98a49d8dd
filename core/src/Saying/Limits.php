<?php

declare(strict_types=1);

namespace Berm\Core\Saying;

use Berm\Core\Quantity\Length;

/** A least and a most, for people; where both are the same, it is said once. */
final class Limits
{
    public static function of(Length|string|int|null $least, Length|string|int|null $most): ?Sentence
    {
        return self::said($least, $most, '');
    }

    /** With lengths as calipers read them. */
    public static function fine(Length|string|int|null $least, Length|string|int|null $most): ?Sentence
    {
        return self::said($least, $most, ':fine');
    }

    private static function said(Length|string|int|null $least, Length|string|int|null $most, string $fine): ?Sentence
    {
        $values = array_filter(['least' => $least, 'most' => $most], static fn (Length|string|int|null $limit): bool => null !== $limit);

        $isOne = $least instanceof Length && $most instanceof Length ? $least->equals($most) : $least === $most;

        return match (array_keys($values)) {
            ['least', 'most'] => Sentence::of($isOne ? "{least$fine}" : "{least$fine} to {most$fine}", $values),
            ['most'] => Sentence::of("at most {most$fine}", $values),
            ['least'] => Sentence::of("at least {least$fine}", $values),
            default => null,
        };
    }
}
