<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

use Berm\Core\CoreError;

final class SizeRangeUpsideDown extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(ConductorSize $min, ConductorSize $max): self
    {
        return new self(\sprintf('runs from %s down to %s: give the smaller conductor first.', $min->label, $max->label));
    }
}
