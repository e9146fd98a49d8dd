<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Conductor\SizeRange;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One size of a kit: what it fits, and the dimensions its rules use. */
final readonly class KitSize
{
    /**
     * @param array<string, Length>   $dimensions named lengths for the sheet's formulas
     * @param array<string, TubeSize> $parts      by part key
     */
    public function __construct(
        public string $label,
        public SizeRange $conductors,
        public Range $insulation,
        public Range $oversheath,
        public Range $connectorDiameter,
        public Range $connectorLength,
        public array $dimensions,
        public array $parts,
    ) {
    }
}
