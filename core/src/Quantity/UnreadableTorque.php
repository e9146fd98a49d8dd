<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

final class UnreadableTorque extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf(
            '"%s" is not a torque of this trade: write 45 N·m, 33 lbf·ft or 400 in-lb, up to 500 N·m.',
            mb_strimwidth(mb_scrub($text), 0, 40, '…'),
        ));
    }
}
