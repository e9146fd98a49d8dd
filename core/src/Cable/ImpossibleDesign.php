<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/** A cable that cannot be as it is described; the message says what to change. */
final class ImpossibleDesign extends \DomainException implements CoreError
{
    /** @internal */
    public static function wireCount(int $count): self
    {
        return new self(\sprintf('has %d screen wires: a screen has from 1 to 200.', $count));
    }

    /** @internal */
    public static function wireDiameter(Length $diameter): self
    {
        return new self(\sprintf('has screen wires of %s: they lie between 0.2 mm and 6 mm, so check the unit.', $diameter->toText()));
    }

    /** @internal */
    public static function wiresOn(MetallicScreen $screen): self
    {
        return new self(\sprintf('counts wires, but a %s screen has none: leave the wires out or name another screen.', $screen->label()));
    }

    /** @internal */
    public static function papers(InsulationMaterial $insulation): self
    {
        return new self(\sprintf(
            'has %s insulation without a lead sheath: name "lead-sheath" as its metallic screen.', $insulation->label(),
        ));
    }

    /** @internal */
    public static function sectorAlone(): self
    {
        return new self('has one sector-shaped core: sectors come in threes, so give three cores or another shape.');
    }

    /** @internal */
    public static function unscreened(): self
    {
        return new self('has extruded insulation without an insulation screen: a medium-voltage core has one, "strippable" or "bonded".');
    }

    /** @internal */
    public static function layerNotThere(LayerKind $kind): self
    {
        return new self(\sprintf(
            'gives a diameter over the %s, which a cable described like this does not have: name it in the description, or leave the diameter out.',
            $kind->label(),
        ));
    }
}
