<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Basis;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;

/** Builds diameters outwards: every wall is added twice to the nominal, the least and the greatest diameter beneath. */
final readonly class LayerStack
{
    /** @param non-empty-list<Layer> $layers */
    private function __construct(public array $layers, private Length $least, private Length $greatest)
    {
    }

    public static function on(Length $conductor, Length $least, Length $greatest, string $source): self
    {
        return new self(
            [new Layer(LayerKind::Conductor, $conductor, Range::between($least, $greatest), Basis::Computed, $source)], $least, $greatest,
        );
    }

    /** A wall of one thickness all round. */
    public function with(LayerKind $kind, Length $wall, Length $leastWall, Length $greatestWall, string $source): self
    {
        return $this->layered(
            $kind,
            $this->nominal()->plus($wall->times(2)),
            $this->least->plus($leastWall->times(2)),
            $this->greatest->plus($greatestWall->times(2)),
            $source,
        );
    }

    /**
     * The circle round three equal circles that touch: 1 + 2 / sqrt(3) times as wide. Source: plane geometry; IEC 60502-2 table A.3 rounds
     * it to 2.16.
     */
    public function laidUp(): self
    {
        $round = static fn (Length $core): Length => $core->times(2_154_701)->dividedBy(1_000_000, Rounding::Nearest);

        return $this->layered(
            LayerKind::LaidUpCores,
            $round($this->nominal()),
            $round($this->least),
            $round($this->greatest),
            'three circles that touch: 1 + 2/√3 times the core',
        );
    }

    /** A diameter that is not the one beneath and a wall: for shapes that are not round. */
    public function layered(LayerKind $kind, Length $diameter, Length $least, Length $greatest, string $source): self
    {
        $layer = new Layer($kind, $diameter, Range::between($least, $greatest), Basis::Computed, $source);

        return new self([...$this->layers, $layer], $least, $greatest);
    }

    public function nominal(): Length
    {
        return $this->layers[\count($this->layers) - 1]->diameter;
    }
}
