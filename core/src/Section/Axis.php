<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Length;

/** Turns places measured from a cable end into places along the accessory. */
final readonly class Axis
{
    public function __construct(private AccessoryFunction $function, private MarkOut $markOut)
    {
    }

    /** @return array{Length, Length} the lower and the upper end of a stretch given from the cable end */
    public function interval(End $end, Length $near, Length $far): array
    {
        if (AccessoryFunction::Joint !== $this->function) {
            return [$near, $far];
        }
        $toCentre = $this->markOut->endToCentre();
        [$low, $high] = [$near->plus($toCentre), $far->plus($toCentre)];

        return End::A === $end ? [$high->negated(), $low->negated()] : [$low, $high];
    }

    /** How far past the cable end a part reaches on that side. */
    public function reach(End $end, Interval $part): Length
    {
        return AccessoryFunction::Joint === $this->function && End::A === $end ? $part->from->negated() : $part->to;
    }

    /** How far the edge of $part towards the conductor stops before that of $other. */
    public function shortfall(End $end, Interval $part, Interval $other): Length
    {
        return AccessoryFunction::Joint === $this->function && End::A === $end ? $other->to->minus($part->to) : $part->from->minus($other->from);
    }
}
