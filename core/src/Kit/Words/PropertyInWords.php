<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Kit\LengthChange;
use Berm\Core\Kit\Property;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Toleranced;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Sentence;

/** A property of something in the box as part of a sentence. @internal */
final class PropertyInWords
{
    /**
     * @return array{string, Length|Sentence|string|null} a template with {value} in it, empty when there is nothing to say; and the value
     */
    public static function of(Property $property, Toleranced|LengthChange|ConductorSize|Torque|float|bool|string $value): array
    {
        return match (true) {
            false === $value => ['', null],
            true === $value => [$property->words(), null],
            Property::Stretch === $property && 1.0 === $value => ['not stretched', null],
            $value instanceof Toleranced => [
                $value->isExact() ? $property->words() : str_replace(':fine', '', $property->words()), self::length($value),
            ],
            $value instanceof LengthChange => [$property->words(), self::change($value)],
            $value instanceof ConductorSize => [$property->words(), $value->label],
            $value instanceof Torque => [$property->words(), $value->inBothUnits()],
            \is_float($value) => [$property->words(), (string) $value],
            default => [$property->words(), $value],
        };
    }

    private static function length(Toleranced $length): Length|Sentence
    {
        return $length->isExact() ? $length->value : Sentence::of(
            '{is:fine} (from {least:fine} to {most:fine})', [
                'is' => $length->value, 'least' => $length->least(), 'most' => $length->most(),
            ],
        );
    }

    private static function change(LengthChange $change): string
    {
        $least = $change->percent - $change->below;
        $most = $change->percent + $change->above;

        return $least === $most ? "$change->percent" : "$change->percent ($least to $most)";
    }
}
