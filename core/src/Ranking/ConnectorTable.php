<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Connector\Barrels;
use Berm\Core\Connector\Connector;
use Berm\Core\Fit\ConnectorKinds;
use Berm\Core\Quantity\Range;

/** Many connectors made ready for ranking. */
final readonly class ConnectorTable
{
    /**
     * @param list<array{string, int}> $names      id and revision
     * @param Index<ConnectorKinds>    $kinds
     * @param Index<Barrels>           $barrels
     * @param Index<SizeRange>         $conductors of the first side
     * @param list<int>                $diameters  in nanometres
     * @param list<int>                $lengths    once fixed, in nanometres
     * @param list<int|null>           $pads       their width in nanometres; null where there is none or nobody says
     */
    private function __construct(
        public array $names,
        public Index $kinds,
        public Index $barrels,
        public Index $conductors,
        public array $diameters,
        public array $lengths,
        public array $pads,
    ) {
    }

    /** @param list<Connector> $connectors */
    public static function of(array $connectors): self
    {
        return new self(
            array_map(static fn (Connector $connector): array => [$connector->revision->id, $connector->revision->number], $connectors),
            Index::of(array_map(ConnectorKinds::of(...), $connectors)),
            Index::of(array_map(static fn (Connector $connector): Barrels => $connector->barrels, $connectors)),
            Index::of(array_map(static fn (Connector $connector): SizeRange => $connector->barrels->at(End::A)->sizes, $connectors)),
            array_map(static fn (Connector $connector): int => $connector->diameter->nanometres, $connectors),
            array_map(static fn (Connector $connector): int => $connector->lengthOnceFixed()->nanometres, $connectors),
            array_map(static fn (Connector $connector): ?int => $connector->specification->pad?->width->nanometres, $connectors),
        );
    }

    /**
     * The bores that lie to one of the cables, every connector turned to them.
     *
     * @param list<CableEnd> $cables
     */
    public function bores(array $cables, End $end): Column
    {
        $bores = array_map(
            static fn (Barrels $barrels): Range => Range::atMost($barrels->turnedTo($cables)->at($end)->bore), $this->barrels->different,
        );
        $ranges = array_map(
            static fn (int $row, int $which): array => [$row, $bores[$which]], array_keys($this->barrels->which), $this->barrels->which,
        );

        return Column::open($this->count())->narrowedBy($ranges);
    }

    public function count(): int
    {
        return \count($this->names);
    }
}
