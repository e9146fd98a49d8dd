<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Conductor\SizeRange;
use Berm\Core\Connector\Connector;
use Berm\Core\Fit\ConnectorKinds;
use Berm\Core\Quantity\Range;

/** Many connectors made ready for ranking. */
final readonly class ConnectorTable
{
    /**
     * @param list<array{string, int}> $names      id and revision
     * @param Index<ConnectorKinds>    $kinds
     * @param Index<SizeRange>         $conductors
     * @param list<int>                $diameters  in nanometres
     * @param list<int>                $lengths    in nanometres
     * @param list<int|null>           $pads       their width in nanometres; null where there is none or nobody says
     */
    private function __construct(
        public array $names,
        public Index $kinds,
        public Index $conductors,
        public Column $bores,
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
            Index::of(array_map(static fn (Connector $connector): SizeRange => $connector->sizes, $connectors)),
            Column::open(\count($connectors))->narrowedBy(array_map(static fn (int $row, Connector $connector): array => [$row, Range::atMost($connector->bore)], array_keys($connectors), $connectors)),
            array_map(static fn (Connector $connector): int => $connector->diameter->nanometres, $connectors),
            array_map(static fn (Connector $connector): int => $connector->length->nanometres, $connectors),
            array_map(static fn (Connector $connector): ?int => $connector->specification->pad?->width->nanometres, $connectors),
        );
    }

    public function count(): int
    {
        return \count($this->names);
    }
}
