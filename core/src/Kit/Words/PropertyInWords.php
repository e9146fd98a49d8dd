<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Kit\Property;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Torque;

/** A property of something in the box as part of a sentence. @internal */
final class PropertyInWords
{
    /** @return array{string, Length|string|null} a template with {value} in it, empty when there is nothing to say; and the value */
    public static function of(Property $property, Length|ConductorSize|Torque|float|bool|string $value): array
    {
        return match (true) {
            false === $value => ['', null],
            true === $value => [$property->words(), null],
            Property::Stretch === $property && 1.0 === $value => ['not stretched', null],
            $value instanceof ConductorSize => [$property->words(), $value->label],
            $value instanceof Torque => [$property->words(), $value->inBothUnits()],
            \is_float($value) => [$property->words(), (string) $value],
            default => [$property->words(), $value],
        };
    }
}
