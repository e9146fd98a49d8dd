<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;

/** Where a cut lies on the axis of the section: as measured, else as planned. */
final readonly class CutPoint
{
    public function __construct(public MarkPlace $place, public Length $onAxis, public Length $fromEnd, public Standing $standing)
    {
    }

    public function onCore(int $core): self
    {
        return null === $this->place->core ? $this : new self($this->place->onCore($core), $this->onAxis, $this->fromEnd, $this->standing);
    }
}
