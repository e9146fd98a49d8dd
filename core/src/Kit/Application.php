<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\RatedVoltage;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;

/** What a kit is for. */
final readonly class Application
{
    /**
     * @param list<Place>    $places    empty where the leaflet does not say
     * @param list<Mounting> $mountings empty where the leaflet does not say
     */
    public function __construct(
        public AccessoryFunction $function,
        public Technology $technology,
        /** The highest that it reaches; a size may have its own. */
        public RatedVoltage $voltage,
        public array $places,
        public array $mountings,
    ) {
    }
}
