<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/** Layers, or readings of them, that cannot lie over one another. */
final class LayersCross extends \DomainException implements CoreError
{
    /** @internal */
    public static function diameters(LayerKind $inner, Length $innerDiameter, LayerKind $outer, Length $outerDiameter): self
    {
        return new self(\sprintf(
            'the diameter over the %s (%s) is not larger than over the %s beneath it (%s): check both, and that neither was typed in the other unit.',
            $outer->label(), $outerDiameter->toText(), $inner->label(), $innerDiameter->toText(),
        ));
    }

    /** @internal */
    public static function twice(LayerKind $kind): self
    {
        return new self(\sprintf('has the layer "%s" twice: keep one of them.', $kind->value));
    }

    /** @internal */
    public static function absurd(LayerKind $kind, Length $diameter, Length $most): self
    {
        $what = $kind->isOfCore() ? 'core' : 'cable';

        return new self(\sprintf(
            'gives %s over the %s: a medium-voltage %s lies between 2 mm and %s, so check the unit.',
            $diameter->toText(),
            $kind->label(),
            $what,
            $most->toText(),
        ));
    }
}
