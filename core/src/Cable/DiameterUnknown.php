<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\CoreError;

/** A decision needs a diameter that neither the cable type nor a reading gives. */
final class DiameterUnknown extends \DomainException implements CoreError
{
    /** @internal */
    public static function over(End $end, LayerKind $kind): self
    {
        return new self(\sprintf('End %s: measure over the %s; this cable type does not give it.', $end->value, $kind->label()));
    }
}
