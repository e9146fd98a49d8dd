<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

final class ImpossibleConnector extends \DomainException implements CoreError
{
    /** @internal */
    public static function boreTooWide(Length $bore, Length $diameter): self
    {
        return new self(\sprintf('has a bore of %s in a barrel of %s: the bore must be the smaller.', $bore->toText(), $diameter->toText()));
    }

    /** @internal */
    public static function tooDeep(Length $depth, Length $length): self
    {
        return new self(\sprintf('has bores %s deep from both ends of a connector only %s long.', $depth->toText(), $length->toText()));
    }

    /** @internal */
    public static function noMaterial(): self
    {
        return new self('accepts no conductor material: list copper, aluminium or both.');
    }
}
