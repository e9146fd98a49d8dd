<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Quantity\Length;
use Berm\Core\Revision;

/** A joint connector or a lug, by its maker's sheet. */
final readonly class Connector
{
    /** @param non-empty-list<ConductorMaterial> $materials conductors that it accepts; both for a bimetal or tin-plated dual-rated one */
    private function __construct(
        public Revision $revision,
        public string $name,
        public string $maker,
        public ConnectorKind $kind,
        public Fixing $fixing,
        public array $materials,
        public SizeRange $sizes,
        /** Widest conductor that enters the bore. */
        public Length $bore,
        /** How far the conductor goes in, from the barrel's mouth. */
        public Length $boreDepth,
        public Length $diameter,
        /** Over all for a joint connector; of the barrel for a lug. */
        public Length $length,
        /** From the centre of the lug's hole to the barrel's mouth; null on a joint connector. */
        public ?Length $holeToMouth,
        /** How to fix it: crimps and die, or bolts and their order. */
        public string $method,
        public Specification $specification,
    ) {
    }

    /**
     * @param list<ConductorMaterial> $materials
     *
     * @throws ImpossibleConnector
     */
    public static function of(
        Revision $revision,
        string $name,
        string $maker,
        ConnectorKind $kind,
        Fixing $fixing,
        array $materials,
        SizeRange $sizes,
        Length $bore,
        Length $boreDepth,
        Length $diameter,
        Length $length,
        ?Length $holeToMouth,
        string $method,
        Specification $specification,
    ): self {
        if (Fixing::Crimp === $fixing && null !== $specification->bolts || Fixing::ShearBolt === $fixing && null !== $specification->crimps) {
            throw ImpossibleConnector::fixedOtherwise($fixing);
        }
        if (null !== $specification->pad && ConnectorKind::Joint === $kind) {
            throw ImpossibleConnector::padOnJoint();
        }
        if ([] === $materials) {
            throw ImpossibleConnector::noMaterial();
        }
        if ($diameter->isAtMost($bore)) {
            throw ImpossibleConnector::boreTooWide($bore, $diameter);
        }
        if ($length->isLessThan(ConnectorKind::Joint === $kind ? $boreDepth->times(2) : $boreDepth)) {
            throw ImpossibleConnector::tooDeep($boreDepth, $length);
        }

        return new self($revision, $name, $maker, $kind, $fixing, $materials, $sizes, $bore, $boreDepth, $diameter, $length, $holeToMouth, $method, $specification);
    }

    /** Barrels that are fixed: two on a joint connector, one on a lug. */
    public function sides(): int
    {
        return ConnectorKind::Joint === $this->kind ? 2 : 1;
    }

    /** How much longer it is once it is fixed; zero for bolts, and where the maker does not say. */
    public function growth(): Length
    {
        return $this->specification->crimps?->totalGrowth($this->sides()) ?? Length::ofNanometres(0);
    }

    /** What keeps the two conductors apart at the centre: the length that the bores leave. Zero on a lug. */
    public function centreStop(): Length
    {
        return ConnectorKind::Joint === $this->kind ? $this->length->minus($this->boreDepth->times(2)) : Length::ofNanometres(0);
    }
}
