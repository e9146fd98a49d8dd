<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\CoreError;

final class UnreadableVoltage extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf('"%s" is not a rated voltage: write 6.35/11 (12) kV, or a class such as 15 kV.', mb_strimwidth(mb_scrub($text), 0, 40, '…')));
    }
}
