<?php

declare(strict_types=1);

namespace Berm\Core\Site;

use Berm\Core\CoreError;

final class ImpossibleHumidity extends \DomainException implements CoreError
{
    /** @internal */
    public static function percent(int $percent): self
    {
        return new self(\sprintf('%d %% is no relative humidity: it lies between 1 and 100 per cent.', $percent));
    }
}
