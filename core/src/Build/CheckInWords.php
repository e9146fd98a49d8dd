<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Kit\Check;
use Berm\Core\Kit\CheckKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Sentence;

/** The limits of a check and the answers to it, for people. */
final class CheckInWords
{
    public static function answer(CheckMade $made): string
    {
        return match (true) {
            $made->answer instanceof Reading => $made->answer->asTyped().' by '.$made->answer->instrument->label(),
            $made->answer instanceof Torque => $made->answer->inBothUnits(),
            \is_bool($made->answer) => $made->answer ? 'yes' : 'no',
            null === $made->answer => 'waited',
            default => (string) $made->answer,
        };
    }

    /** Null where it has none. */
    public static function limits(Check $check, ?Range $window): ?Sentence
    {
        [$least, $most] = null === $window
            ? [self::number($check, $check->least), self::number($check, $check->most)]
            : [$window->min, $window->max];
        $values = array_filter(['least' => $least, 'most' => $most], static fn (Length|string|null $limit): bool => null !== $limit);

        return match (true) {
            null !== $least && null !== $most => Sentence::of('{least:fine} to {most:fine}', $values),
            null !== $most => Sentence::of('at most {most:fine}', $values),
            null !== $least => Sentence::of('at least {least:fine}', $values),
            default => null,
        };
    }

    private static function number(Check $check, ?float $value): ?string
    {
        return match (true) {
            null === $value => null,
            CheckKind::Torque === $check->kind => Torque::parse(round($value, 6).' N·m')->inBothUnits(),
            CheckKind::Wait === $check->kind => $value < 120 ? "$value s" : round($value / 60, 1).' min',
            default => (string) $value,
        };
    }
}
