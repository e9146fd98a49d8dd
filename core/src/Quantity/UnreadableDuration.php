<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

use Berm\Core\CoreError;

final class UnreadableDuration extends \DomainException implements CoreError
{
    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf('"%s" is not a time: write "30 s", "5 min" or "2 h".', mb_strimwidth(mb_scrub($text), 0, 40, '…')));
    }
}
