<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Length;

/** A part in one kit size: as supplied, and the bore it would shrink to with nothing inside. */
final readonly class TubeSize
{
    private function __construct(public Length $length, public Length $expandedBore, public Length $recoveredBore)
    {
    }

    /** @throws BadKitSheet when it would grow instead of shrink */
    public static function of(Length $length, Length $expandedBore, Length $recoveredBore): self
    {
        return $recoveredBore->isLessThan($expandedBore) ? new self($length, $expandedBore, $recoveredBore) : throw BadKitSheet::boreGrows($expandedBore, $recoveredBore);
    }
}
