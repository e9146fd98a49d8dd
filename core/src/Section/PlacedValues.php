<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Formula\Values;

/** The quantities that places and checks are worked out with: those of the cuts, and where the cuts of both ends are. */
final readonly class PlacedValues
{
    public function __construct(private Assembly $assembly, private CutPlaces $places)
    {
    }

    public function at(CableEnd $cable): Values
    {
        $values = $this->assembly->values($cable);
        foreach ($this->assembly->cables as $other) {
            foreach ($this->places->cuts($other->end) as $cut) {
                $values = $values->with(
                    ($other->end === $cable->end ? '' : 'other_').$cut->formulaName(), $this->places->of($other->end, $cut),
                );
            }
        }

        return $values;
    }
}
