<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\Length;

/**
 * Turns places measured from a cable end into places along the accessory: the one spot where an axis has its zero and its direction.
 *
 * A joint's zero is its centre and end A lies below it; a termination's zero is the cable end and the cable lies above it.
 */
final readonly class Axis
{
    public function __construct(private Assembly $assembly)
    {
    }

    /** A place given from the cable end. */
    public function place(End $end, Length $at): Length
    {
        if (AccessoryFunction::Joint !== $this->assembly->function()) {
            return $at;
        }
        $fromCentre = $at->plus($this->assembly->connector->endToCentre($end));

        return $this->isMirrored($end) ? $fromCentre->negated() : $fromCentre;
    }

    /** @return array{Length, Length} the lower and the upper end of a stretch given from the cable end */
    public function interval(End $end, Length $near, Length $far): array
    {
        $ends = [$this->place($end, $near), $this->place($end, $far)];

        return $this->isMirrored($end) ? array_reverse($ends) : $ends;
    }

    /** How far past the cable end a part reaches on that side. */
    public function reach(End $end, Interval $part): Length
    {
        return $this->isMirrored($end) ? $part->from->negated() : $part->to;
    }

    /** How far the edge of $part towards the conductor stops before that of $other. */
    public function shortfall(End $end, Interval $part, Interval $other): Length
    {
        return $this->isMirrored($end) ? $other->to->minus($part->to) : $part->from->minus($other->from);
    }

    /** Places further along the cable lie lower on the axis. */
    private function isMirrored(End $end): bool
    {
        return End::A === $end && AccessoryFunction::Joint === $this->assembly->function();
    }
}
