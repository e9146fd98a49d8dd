<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\CoreError;

final class NotInStandard extends \DomainException implements CoreError
{
    /** @internal */
    public static function size(string $size, string $table): self
    {
        return new self(\sprintf('%s gives no value for %s.', $table, $size));
    }
}
