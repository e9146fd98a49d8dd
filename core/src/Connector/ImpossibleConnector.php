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
        return new self(\sprintf(
            'has a bore of %s in a barrel of %s: the bore must be the smaller.', $bore->toText(), $diameter->toText(),
        ));
    }

    /** @internal */
    public static function tooDeep(Barrels $barrels, Length $length): self
    {
        $depths = array_map(static fn (Barrel $barrel): string => $barrel->depth->toText(), $barrels->all());

        return new self(match (\count($depths)) {
            1 => \sprintf('has a bore %s deep in a barrel only %s long.', $depths[0], $length->toText()),
            default => \sprintf(
                'has bores %s deep from its ends, but is only %s long.', implode(' and ', array_unique($depths)), $length->toText(),
            ),
        });
    }

    /** @internal */
    public static function growth(Length $growth): self
    {
        return new self(\sprintf(
            'grows by %s with each crimp: that is more than any connector does, so check the unit.', $growth->toText(),
        ));
    }

    /** @internal */
    public static function share(float $share): self
    {
        return new self(\sprintf('moves its conductors by %s of its growth: give a number from 0 to 1.', $share));
    }

    /** @internal */
    public static function order(int $count): self
    {
        return new self(\sprintf('has %d bolts, but the order does not name each of them once: number them from 1 to %d.', $count, $count));
    }

    /** @internal */
    public static function fixedOtherwise(Fixing $fixing): self
    {
        return new self(\sprintf(
            'is fixed by %s, but the sheet tells how to fix it otherwise: give "crimps" for a crimp and "bolts" for shear bolts.',
            $fixing->label(),
        ));
    }

    /** @internal */
    public static function padOnJoint(): self
    {
        return new self('is a joint connector, which has no pad: leave "pad" out.');
    }

    /** @internal */
    public static function noMaterial(): self
    {
        return new self('accepts no conductor material: list copper, aluminium or both.');
    }
}
