<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Conductor\ConductorShape;

/** What a maker's sheet says of a connector beyond its dimensions; what it does not say is left open. */
final readonly class Specification
{
    /** @param non-empty-list<ConductorShape> $shapes conductors that it takes */
    public function __construct(
        public array $shapes,
        public ?ConnectorClass $class,
        public CentreStop $stop,
        public bool $isOilBlocked,
        public ?Bolts $bolts,
        /** Of a lug. */
        public ?Pad $pad,
        public Seating $seating,
    ) {
    }

    /**
     * Round conductors of every stranding.
     *
     * @return non-empty-list<ConductorShape>
     */
    public static function roundShapes(): array
    {
        return [ConductorShape::Solid, ConductorShape::Stranded, ConductorShape::Compressed, ConductorShape::Compacted];
    }
}
