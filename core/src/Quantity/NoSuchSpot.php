<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

final class NoSuchSpot extends \DomainException implements CoreError
{
    /** @internal */
    public static function at(int $place, int $axis): self
    {
        return new self(\sprintf(
            'place %d at %d° is not one of places 1 to %d at %s°.', $place, $axis, Spot::PLACES, implode(', ', Spot::AXES),
        ));
    }
}
