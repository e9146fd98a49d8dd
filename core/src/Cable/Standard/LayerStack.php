<?php

declare(strict_types=1);

namespace Berm\Core\Cable\Standard;

use Berm\Core\Cable\Basis;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** Builds diameters outwards: every wall is added twice to the nominal, the least and the greatest diameter beneath. */
final readonly class LayerStack
{
    /** @param non-empty-list<Layer> $layers */
    private function __construct(public array $layers, private Length $least, private Length $greatest)
    {
    }

    public static function on(Length $conductor, Length $least, Length $greatest, string $source): self
    {
        return new self([new Layer(LayerKind::Conductor, $conductor, Range::between($least, $greatest), Basis::Computed, $source)], $least, $greatest);
    }

    public function with(LayerKind $kind, Length $wall, Length $leastWall, Length $greatestWall, string $source): self
    {
        $least = $this->least->plus($leastWall->times(2));
        $greatest = $this->greatest->plus($greatestWall->times(2));
        $layer = new Layer($kind, $this->nominal()->plus($wall->times(2)), Range::between($least, $greatest), Basis::Computed, $source);

        return new self([...$this->layers, $layer], $least, $greatest);
    }

    public function nominal(): Length
    {
        return $this->layers[\count($this->layers) - 1]->diameter;
    }
}
