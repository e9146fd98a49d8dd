<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Torque;

/** Something in the box that is used up or worn: a mastic, a tape, a spring. */
final readonly class Content
{
    /**
     * @param array<string, Length|ConductorSize|Torque|float|bool|string> $properties by Property value; what the leaflet does not say is
     *                                                                                 absent
     */
    public function __construct(
        public string $key, public string $name, public ContentKind $kind, public int $count, public array $properties,
    ) {
    }
}
