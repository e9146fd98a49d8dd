<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Revision;

/** A joint connector or a lug, by its maker's sheet. */
final readonly class Connector
{
    private function __construct(
        public Revision $revision,
        public string $name,
        public string $maker,
        public ConnectorKind $kind,
        public Fixing $fixing,
        public Barrels $barrels,
        public Length $diameter,
        /** Before it is fixed: over all for a joint connector; of the barrel for a lug. */
        public Length $length,
        /** From the centre of the lug's hole to the barrel's mouth; null on a joint connector. */
        public ?Length $holeToMouth,
        /** How to fix it: crimps and die, or bolts and their order. */
        public string $method,
        public Specification $specification,
    ) {
    }

    /** @throws ImpossibleConnector */
    public static function of(
        Revision $revision,
        string $name,
        string $maker,
        ConnectorKind $kind,
        Fixing $fixing,
        Barrels $barrels,
        Length $diameter,
        Length $length,
        ?Length $holeToMouth,
        string $method,
        Specification $specification,
    ): self {
        if (Fixing::Crimp === $fixing && null !== $specification->bolts
            || Fixing::ShearBolt === $fixing && null !== $barrels->first->crimps) {
            throw ImpossibleConnector::fixedOtherwise($fixing);
        }
        if (null !== $specification->pad && ConnectorKind::Joint === $kind) {
            throw ImpossibleConnector::padOnJoint();
        }
        foreach ($barrels->all() as $barrel) {
            $diameter->isAtMost($barrel->bore) && throw ImpossibleConnector::boreTooWide($barrel->bore, $diameter);
        }
        if ($length->isLessThan($barrels->depths())) {
            throw ImpossibleConnector::tooDeep($barrels, $length);
        }

        return new self($revision, $name, $maker, $kind, $fixing, $barrels, $diameter, $length, $holeToMouth, $method, $specification);
    }

    /** @param list<CableEnd> $cables its sides matched to their conductors */
    public function turnedTo(array $cables): self
    {
        return new self(
            $this->revision, $this->name, $this->maker, $this->kind, $this->fixing, $this->barrels->turnedTo($cables), $this->diameter,
            $this->length,
            $this->holeToMouth, $this->method, $this->specification,
        );
    }

    /** How much longer it is once it is fixed; zero for bolts, and where the maker does not say. */
    public function growth(): Length
    {
        return $this->barrels->growth();
    }

    public function lengthOnceFixed(): Length
    {
        return $this->length->plus($this->growth());
    }

    /** From the end of the conductor, fully in, to the joint's centre, which is the connector's middle: what its stop keeps it away. */
    public function endToCentre(End $end): Length
    {
        return $this->length->dividedBy(2, Rounding::Nearest)->minus($this->barrels->at($end)->depth);
    }

    /** From the lug's hole to the end of the conductor, which lies at the bottom of the bore. */
    public function endToHole(): Length
    {
        return ($this->holeToMouth ?? $this->barrels->first->depth)->minus($this->barrels->first->depth);
    }
}
