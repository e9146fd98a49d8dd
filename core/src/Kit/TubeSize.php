<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Quantity\Length;

/** A part in one kit size: as supplied, as it lies in the end, and the bore it would shrink to with nothing inside. */
final readonly class TubeSize
{
    private function __construct(
        /** As supplied: the room it takes while parked. */
        public Length $length,
        public Length $expandedBore,
        public Length $recoveredBore,
        /** As installed, once it has shrunk along its length too. */
        public Length $installedLength,
        /** Of the wall, once recovered; null where the leaflet does not say. */
        public ?Length $wall,
        public int $count,
        /** From one to the next, where there are several in a row. */
        public ?Length $pitch,
    ) {
    }

    /** @throws BadKitSheet when it would grow instead of shrink, or lies in a row of unknown pitch */
    public static function of(
        Length $length,
        Length $expandedBore,
        Length $recoveredBore,
        ?Length $installedLength = null,
        ?Length $wall = null,
        int $count = 1,
        ?Length $pitch = null,
    ): self {
        if (!$recoveredBore->isLessThan($expandedBore)) {
            throw BadKitSheet::boreGrows($expandedBore, $recoveredBore);
        }
        if ($count > 1 && null === $pitch) {
            throw BadKitSheet::noPitch($count);
        }

        return new self($length, $expandedBore, $recoveredBore, $installedLength ?? $length, $wall, $count, $pitch);
    }

    /** The room that all of them take, one after the other. */
    public function parkedLength(): Length
    {
        return $this->length->times($this->count);
    }
}
