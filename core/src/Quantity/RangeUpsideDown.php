<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

final class RangeUpsideDown extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(Length $min, Length $max): self
    {
        return new self(\sprintf('runs from %s down to %s: give the smaller limit first.', $min->toText(), $max->toText()));
    }
}
